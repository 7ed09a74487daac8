# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A tool laid on the fabric for one patch, or on a sewn unit to trim it: which line, on which edge, which way up.
    #
    # - tool: {Tools::Tool}
    # - mark: String, the number or letter that is printed there
    # - reads: Symbol, what it is: :finished, :strip, :unfinished, :cut, :cell or :letter
    # - steps: [String] what the hands do
    # - scene: {Scene} or nil
    Laying = Struct.new(:tool, :mark, :reads, :steps, :scene, keyword_init: true)

    # A tool that has no line for the size. - say: the nearest lines, and what to do
    Missing = Struct.new(:tool, :say, keyword_init: true)

    # A tool on fabric, to scale: inches, upward and to the right, the fabric's lower left corner at the origin.
    #
    # - fabric: [Polygon] strips or squares; - pieces: [Polygon] what is cut from them; - bodies: [Polygon] the tool;
    # - lines: [{Tools::Picture::Line}] printed on it; - lit: [Line] those that lie on an edge; - label: {Tools::Picture::Label}
    Scene = Struct.new(:fabric, :pieces, :bodies, :lines, :lit, :label, keyword_init: true) do
      # Shapes tiled along a strip, with a tool over one of them, its line on the strip's lower edge.
      #
      # @param tiling [Tiling]
      # @param strip [Numeric] inches wide
      # @param mark [String] what is printed at the line
      # @yield [Polygon] the shape under the tool; gives the tool's outline, and its other lines
      # @return [Scene]
      def self.on_strip(tiling, strip, mark)
        laid = tiling.outlines(4)
        under = laid[2]
        left, right, = under.bounds
        body, lines = yield under
        new(fabric: [Polygon.rectangle(tiling.length_of(4) + (1/2r), strip)], pieces: laid, bodies: [body], lines: lines,
            lit: [Tools::Picture::Line.new([left, 0], [right, 0], :main)],
            label: Tools::Picture::Label.new([(left + right) / 2, -1/4r], mark))
      end
    end
  end
end
