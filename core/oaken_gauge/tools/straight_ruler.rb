# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler with a grid of lines. It has no allowance built in: its numbers are what is cut.
    class StraightRuler < Tool
      title "Straight ruler"
      group "Straight cuts"
      common 1
      length :width, most: LARGEST
      length :length, most: LARGEST
      length :grid, as: :told_step, default: nil, least: Documents::Measures::FINEST, most: 1, because: "rulers have no finer lines",
                    label: "From line to line", meaning: "1/8 unless you say so; on a metric ruler 1mm."
      length :main_lines_at, default: 0r, least: 0r, most: 1, label: "Main lines at"

      # From line to line where its document does not say, inches.
      USUAL = { inch: 1/8r, cm: 5/127r, mm: 5/127r }.freeze
      # Between two numbered lines, inches.
      NUMBERED = { inch: 1r, cm: 50/127r, mm: 50/127r }.freeze

      # @return [Rational] inches from line to line
      def step
        told_step || USUAL.fetch(written_in)
      end

      # @return [Rational] inches from one number to the next: an inch, or a centimetre
      def numbered
        NUMBERED.fetch(written_in)
      end

      # @return [Grid] the lines printed on it
      def grid
        @grid ||= Grid.new(step)
      end

      # @param size [Rational] inches
      # @return [Boolean] whether one of the heavy lines, an inch or a centimetre from each other, stands at the size
      def main_line?(size)
        parts(size - main_lines_at) == 1
      end

      # Halves are plain to see on any ruler.
      # @param size [Rational] inches
      # @return [Boolean] whether it is found at a glance
      def easy_line?(size)
        main_line?(size) || half?(size)
      end

      # @param size [Rational] inches
      # @return [Boolean]
      def half?(size)
        parts(size) <= 2
      end

      # @return [Rational] inches of its longer edge, the longest cut it can guide
      def reach
        @reach ||= [width, length].max
      end

      # @return [Rational] inches of its shorter edge: a wider piece needs more than the ruler
      def reach_across
        [width, length].min
      end

      # Lying along its length: every inch line right across, the others as ticks along the lower edge.
      # @return [Picture]
      def picture
        Picture.draw(written_in) do |draw|
          draw.body(Polygon.rectangle(reach, reach_across))
          printed(reach).each { |at| across(draw, at) }
          printed(reach_across).select { |at| main_line?(at) }.each { |at| draw.line([0, at], [reach, at], :main) }
        end
      end

      private

      # Of what stands from one number to the next: 4 where a size ends in a quarter of it.
      def parts(size)
        (numbered == 1 ? size : size / numbered).denominator
      end

      def printed(side)
        (1..((side / step).ceil - 1)).map { |place| place * step }
      end

      def across(draw, at)
        weight = weight_of(at)
        draw.line([at, 0], [at, reach_across * { main: 1, half: 1/8r, fine: 1/16r }.fetch(weight)], weight)
        draw.label([at, reach_across * 3/16r], at) if weight == :main
      end

      def weight_of(line)
        return :main if main_line?(line)

        half?(line) ? :half : :fine
      end
    end
  end
end
