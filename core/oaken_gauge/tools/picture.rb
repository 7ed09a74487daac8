# frozen_string_literal: true

module OakenGauge
  module Tools
    # A tool as it lies on the table, to scale: its outline, what is cut or printed inside, its lines and the numbers
    # at them. All in inches, upward and to the right from the lower left corner. What a tool's document does not say,
    # as how wide a slotted ruler's rim is, is drawn as is usual.
    #
    # @example
    #   Picture.draw { |draw| draw.body(Polygon.rectangle(6, 2)).line([1, 0], [1, 2], :main) }.width   # => 6
    class Picture
      # One printed line. - weight: :main, :half or :fine, by how plain it is to see; :seam for a line on a seam
      Line = Struct.new(:from, :to, :weight)
      # A number, and where it stands: its middle.
      Label = Struct.new(:at, :text)

      # More lines cannot be told apart.
      MOST = 500
      # Between two sides of one tool, and round what lies by itself.
      GAP = 1/2r

      # @return [Array<Polygon>] what the tool is made of; shapes cut or printed in it
      attr_reader :bodies, :parts
      # @return [Array<Line>]
      attr_reader :lines
      # @return [Array<Label>]
      attr_reader :labels

      # @param measure [Symbol] in which its numbers are printed
      # @yield [Picture] to draw on
      # @return [Picture] as drawn, frozen
      def self.draw(measure = :inch, &)
        new(measure).tap(&).finish
      end

      # @param measure [Symbol]
      def initialize(measure = :inch)
        @measure = measure
        @bodies = []
        @parts = []
        @lines = []
        @labels = []
      end

      # @param outline [Polygon]
      # @return [Picture] itself
      def body(outline)
        @bodies << outline
        self
      end

      # @param outline [Polygon]
      # @return [Picture] itself
      def part(outline)
        @parts << outline
        self
      end

      # @return [Picture] itself
      def line(from, to, weight)
        @lines << Line.new(from, to, weight) if @lines.size < MOST
        self
      end

      # A line right across between two heights or two places along.
      # @return [Picture] itself
      def upright(at, from, to, weight)
        line([at, from], [at, to], weight)
      end

      # @return [Picture] itself
      def level(at, from, to, weight)
        line([from, at], [to, at], weight)
      end

      # A line from side to side of an outline, as where the edge of a strip lies under it.
      # @param outline [Polygon]
      # @param at [Numeric] how high
      # @return [Array(Numeric, Numeric)] where it begins and ends
      def across(outline, at, weight)
        outline.level_at(at).tap { |ends| level(at, *ends, weight) }
      end

      # @param length [Numeric, String] a number of inches, or what is printed
      # @return [Picture] itself
      def label(at, length)
        @labels << Label.new(at, length.is_a?(Numeric) ? printed(length) : length) if @labels.size < MOST
        self
      end

      # Squares or rectangles that share their lower left corner, the largest for a body.
      # @param marks [Array<Array(Array(Numeric, Numeric), Numeric or String)>] height and width, and what is printed
      # @return [Picture] itself
      def nested(marks)
        high, wide = marks.map(&:first).transpose.map(&:max)
        body(Polygon.rectangle(wide, high))
        marks.each do |(height, width), printed|
          line([0, height], [width, height], :main).line([width, 0], [width, height], :main)
          label([[width - (wide/24r), wide/30r].max, [height - (high/24r), high/30r].max], printed)
        end
        self
      end

      # @return [Numeric] inches over all
      def width
        spread(:real)
      end

      # @return [Numeric] inches over all
      def height
        spread(:imag)
      end

      # @return [Picture] itself, frozen
      def finish
        [@bodies, @parts, @lines, @labels].each(&:freeze)
        freeze
      end

      private

      # Tools print numbers alone.
      def printed(length)
        Length.new(length.to_r, @measure).to_s.delete_suffix(@measure.to_s)
      end

      def spread(way)
        bodies.flat_map(&:points).map(&way).max || 0
      end
    end
  end
end
