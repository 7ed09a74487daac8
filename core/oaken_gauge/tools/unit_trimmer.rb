# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer for many sizes, with a centre line to lay on the seam. Its numbers are unfinished sizes.
    class UnitTrimmer < Tool
      # The kinds of unit that trimmers are made for.
      KINDS = { "half_square" => "half-square triangle units", "hourglass" => "hourglasses", "three_triangle" => "three-triangle units",
                "flying_geese" => "flying geese", "square_in_square" => "squares in squares", "square" => "squares" }.freeze

      title "Trimmer with a line on the seam"
      group "Trimming sewn units"
      common 4
      list :makes, Documents::Scalars::Choice.new(KINDS.keys, words: KINDS), within: 1..KINDS.size, label: "For units of kind"
      choice :reads, %w[unfinished], default: :unfinished, always: true, label: "The numbers are"
      field :marks, ScaleType.new, as: :numbers, label: "Numbers printed"
      made_for_seam

      # @param kind [Symbol] of unit
      # @param unfinished [Rational] inches
      # @return [Array<Mark>] the one for that size
      def marks_trimming(kind, unfinished)
        makes.include?(kind) && numbers.include?(unfinished) ? [trim_mark(kind, unfinished)] : []
      end

      # @return [Array<Mark>] for whole units
      def trim_marks
        @trim_marks ||= makes.uniq.product(numbers.to_a).map { |kind, number| trim_mark(kind, number) }
      end

      # @param least [Numeric] finished size, inches
      # @param most [Numeric]
      # @return [Array<Mark>]
      def units_between(kind, least, most)
        return [] unless makes.include?(kind)

        numbers.between(least + (2 * made_for_seam), most + (2 * made_for_seam)).map { |number| trim_mark(kind, number) }
      end

      # Its numbers as squares that share a corner, with the line that is laid on the seam.
      # @return [Picture]
      def picture
        Picture.draw(written_in) do |draw|
          draw.nested(numbers.map { |number| [[number, number], number] })
          draw.line([0, draw.height], [draw.width, 0], :seam)
        end
      end

      private

      def trim_mark(kind, number)
        Mark.new(tool: self, side: kind, makes: kind, printed: number, reads: :unfinished, finished: number - (2 * made_for_seam),
                 main: (number % 1).zero?)
      end
    end
  end
end
