# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # One step as hands see it, to scale: inches, upward and to the right. What is added later lies on top.
    #
    # @example
    #   Drawing.new.piece(:light, 2, 2).line(:cut, 0, 2 + 2i).size   # => [2, 2]
    class Drawing
      # - what: :cut, :seam, :mark, :lit (a line of the ruler on an edge), :press, :move, :fold, :grid, :next, :size or :spray;
      # - points: where it runs
      Line = Struct.new(:what, :points)
      # - at: its middle; - text
      Label = Struct.new(:at, :text)
      # How far a layer stands out from under the one on it, inches.
      STEPPED = 0.12

      # @return [Array<Layer>] fabric, from below
      attr_reader :fabric
      # @return [Array<Polygon>] what fabric lies on; what comes off; rulers
      attr_reader :beds, :off, :tools
      # @return [Array<Line>]
      attr_reader :lines
      # @return [Array<Label>]
      attr_reader :labels

      def initialize
        @fabric = []
        @beds = []
        @off = []
        @tools = []
        @lines = []
        @labels = []
      end

      # @param layers [Array<Layer>]
      # @return [self]
      def layers(layers)
        tap { fabric.concat(layers) }
      end

      # A square or rectangle at nothing, or a stack of them: the others stand out from under the top one.
      # @param role [Symbol]
      # @param wide [Numeric] inches
      # @param high [Numeric] inches
      # @return [self]
      def piece(role, wide, high, layers: 1, wrong: false, at: 0i)
        stack = Array.new([layers.to_i, 1].max) do |i|
          Layer.new(role, Polygon.rectangle(wide, high).move(at + (Complex.rect(STEPPED, STEPPED) * i)), wrong)
        end
        layers(stack.reverse)
      end

      # @param outlines [Array<Polygon>]
      # @return [self]
      def comes_off(outlines)
        tap { off.concat(outlines) }
      end

      # @param outline [Polygon] a die, a foundation sheet
      # @return [self]
      def bed(outline)
        tap { beds << outline }
      end

      # @param outline [Polygon]
      # @return [self]
      def tool(outline)
        tap { tools << outline }
      end

      # @param what [Symbol]
      # @param points [Array<Complex>]
      # @return [self]
      def line(what, *points)
        tap { lines << Line.new(what, points) }
      end

      # @param what [Symbol]
      # @param all [Array<Array<Complex>>]
      # @return [self]
      def lines_of(what, all)
        tap { all.each { |points| line(what, *points) } }
      end

      # @param what [Symbol]
      # @param height [Numeric] where it runs, from the left side to so many inches
      # @return [self]
      def level(what, height, to, from: 0)
        line(what, Complex.rect(from, height), Complex.rect(to, height))
      end

      # @param what [Symbol]
      # @param across [Numeric] where it stands, from the low side to so many inches
      # @return [self]
      def upright(what, across, to, from: 0)
        line(what, Complex.rect(across, from), Complex.rect(across, to))
      end

      # @return [self]
      def label(across, height, text)
        tap { labels << Label.new(Complex.rect(across, height), text) }
      end

      # @return [Sides]
      def sides
        outlines = fabric.map(&:outline) + beds + off + tools
        Sides.of(outlines.flat_map(&:points) + lines.flat_map(&:points) + labels.map(&:at))
      end

      # @return [Array(Numeric, Numeric)] its height and width, inches
      def size
        [sides.high, sides.wide]
      end
    end
  end
end
