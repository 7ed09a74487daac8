# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler that cuts triangles from strips, turned half round between cuts. Its blunt tip lies on the strip's far
    # edge, or stands out past it by what its document says. One printed with strip widths counts the allowance in; one printed
    # with finished sizes leaves it to the maker to cut the strip wide enough.
    class StripTriangleRuler < Tool
      SHAPES = { half_square: Patches::HalfSquare, quarter_square: Patches::QuarterSquare }.freeze

      # One of its sides: what it makes, what its numbers are, and the numbers.
      class Side
        include Documents::Record

        WORDS = { "half_square" => "half-square triangles", "quarter_square" => "quarter-square triangles" }.freeze

        choice :makes, WORDS, label: "Makes"
        choice :reads, { "finished" => "finished sizes", "strip" => "strip widths" }, label: "The numbers are"
        field :marks, ScaleType.new, label: "Numbers printed"
        flag :blunt_tip, default: true, label: "The tip is blunt"
        length :tip_past, default: 0r, least: 0r, most: 12, label: "Past the strip the tip stands out by"
      end

      title "Triangle ruler for strips"
      group "Triangles and wedges from strips"
      common 2
      list :sides, Side, within: 1..2, label: "Sides"
      made_for_seam

      # @return [Array<Mark>]
      def marks
        @marks ||= sides.flat_map { |side| side.marks.map { |number| mark(side, number) } }
      end

      # @return [Array<Mark>]
      def marks_making(shape)
        sides_for(shape).filter_map do |side|
          number = printed(side, shape.finished)
          mark(side, number) if side.marks.include?(number)
        end
      end

      # @return [Array(Mark, Mark)]
      def nearest(shape)
        found = %i[below above].map do |which|
          sides_for(shape).filter_map do |side|
            number = side.marks.public_send(which, printed(side, shape.finished))
            mark(side, number) if number
          end
        end
        [found.first.select { |mark| mark.finished.positive? }.max_by(&:finished), found.last.min_by(&:finished)]
      end

      # @return [Boolean]
      def makes?(kind)
        sides.any? { |side| side.makes == kind }
      end

      # @param least [Numeric] finished size, inches
      # @param most [Numeric]
      # @return [Array<Mark>]
      def marks_between(kind, least, most)
        sides.select { |side| side.makes == kind }.flat_map do |side|
          side.marks.between(printed(side, least), printed(side, most)).map { |number| mark(side, number) }
        end
      end

      # One of its sides, tip up, as large as the patch of a number.
      # @param makes [Symbol] what the side makes
      # @param shape [Patches::Shape]
      # @param seam [Numeric] the allowance, inches
      # @return [Polygon]
      def outline_of(makes, shape, seam)
        *, low, high = shape.outline.bounds
        shape.cut_outline(seam).between(low - seam, high + seam + tip_past(makes)).settle
      end

      # @param makes [Symbol] what the side makes
      # @return [Rational] how far its tip stands out past the strip, inches
      def tip_past(makes)
        sides.find { |side| side.makes == makes }.tip_past
      end

      # Each side by itself, blunt tip up, as large as the patch of its largest number. A line is where the lower edge
      # of the strip lies.
      # @return [Picture]
      def picture
        Picture.draw(written_in) { |draw| sides.inject(0) { |left, side| draw_side(draw, side, left) + Picture::GAP } }
      end

      private

      def draw_side(draw, side, left)
        drawn = drawn_marks(side)
        return left if drawn.empty?

        body = outline_of(side.makes, drawn.last.shape, made_for_seam).move(left, 0)
        draw.body(body)
        drawn.each { |mark| draw_mark(draw, body, mark.printed, side.tip_past + mark.shape.strip_width(made_for_seam)) }
        left + body.width
      end

      def drawn_marks(side)
        side.marks.map { |number| mark(side, number) }.select { |mark| mark.finished.positive? }
      end

      # The strip's upper edge lies along the blunt tip, or that far below it; its lower edge on the line.
      def draw_mark(draw, body, number, strip)
        at = body.height - strip
        from, to = draw.across(body, at, (number % 1).zero? ? :main : :half)
        draw.label([from + ((to - from) * 3/8r), at + (body.height/40r)], number)
      end

      def sides_for(shape)
        sides.select { |side| side.makes == shape.kind }
      end

      def mark(side, number)
        size = finished(side, number)
        Mark.new(tool: self, side: side.makes, makes: side.makes, printed: number, reads: side.reads,
                 finished: size, shape: SHAPES.fetch(side.makes).new(size), main: (number % 1).zero?)
      end

      # A strip is two allowances wider than what it finishes at; a quarter-square patch is twice as long as it
      # is high.
      def finished(side, number)
        return number if side.reads == :finished

        high = number - (2 * made_for_seam)
        side.makes == :quarter_square ? 2 * high : high
      end

      # The way back: the number that a finished size would be printed as.
      def printed(side, size)
        return size if side.reads == :finished

        (side.makes == :quarter_square ? size/2r : size) + (2 * made_for_seam)
      end
    end
  end
end
