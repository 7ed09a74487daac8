# frozen_string_literal: true

module OakenGauge
  module Templates
    # A template to be printed and cut out: the line to cut along, the line to sew along, which way the grain runs, its
    # name, and a square to check the print by. Inches, upward from its lower left corner.
    #
    # @example
    #   Pattern.of(OakenGauge.read_weighing(document)).map(&:title)
    class Pattern
      # Sides of the check square, inches: one inch, or two centimetres.
      CHECKS = { inch: 1r, cm: 100/127r, mm: 100/127r }.freeze

      # @return [String]
      attr_reader :title, :measure
      # @return [Array<String>] what else stands on it
      attr_reader :words
      # @return [Polygon] as cut; as sewn
      attr_reader :cut, :seam
      # @return [Array(Complex, Complex)] an arrow along the straight grain
      attr_reader :grain

      # Each patch of a unit once.
      # @param task [Weighing::Task]
      # @param blunt [Boolean] with its dog ears off already
      # @return [Array<Pattern>]
      def self.of(task, blunt: false)
        task.unit.patches.group_by(&:shape).map { |shape, patches| Drawing.new(task, shape, patches, blunt).pattern }
      end

      # @param tool [Tools::Template]
      # @return [Pattern] of a template in the drawer
      def self.of_tool(tool)
        words = "Seam allowance #{Length.new(tool.made_for_seam, tool.written_in)} included."
        new(title: tool.name, words: [words], cut: tool.raw, seam: tool.sewn, along: grain_of(tool.shape), measure: tool.written_in)
      end

      # The straight grain: of a shape that the catalogue knows along the edge it lies on, of others along their longest.
      # @param shape [Patches::Shape]
      # @return [Complex] a direction
      def self.grain_of(shape)
        return Complex(1, 0) unless shape.kind == :shape

        longest = shape.outline.edges.map { |from, to| to - from }.max_by(&:abs)
        longest / longest.abs
      end

      # @param along [Complex] direction of the grain
      def initialize(title:, words:, cut:, seam:, along:, measure: :inch)
        @title = title
        @words = words
        left, _, low, = cut.bounds
        @cut = cut.move(-left, -low)
        @seam = seam.move(-left, -low)
        @grain = arrow(along)
        @measure = measure
      end

      # @return [Numeric] inches
      def width
        cut.width
      end

      # @return [Numeric] inches
      def height
        cut.height
      end

      # @return [Rational] inches
      def check
        CHECKS.fetch(measure)
      end

      # @return [String] how the print is checked
      def check_words
        side = Length.new(check, measure)
        "Print at 100 %: the small square is #{side}#{' inch' if measure == :inch} each way. The arrow is the straight grain."
      end

      # @return [Pattern] turned a quarter round
      def turned
        along = (grain.last - grain.first) * Complex(0, 1)
        Pattern.new(title: title, words: words, cut: turn(cut), seam: turn(seam), along: along, measure: measure)
      end

      private

      def turn(outline)
        Polygon.new(outline.points.map { |point| point * Complex(0, 1) })
      end

      # Through the middle, half as long as the template is there.
      def arrow(along)
        middle = seam.points.sum / seam.points.size
        half = along / along.abs * [seam.width, seam.height].min / 5.0
        [middle - half, middle + half]
      end
    end
  end
end
