# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler with a grid of lines. It has no allowance built in: its numbers are what is cut.
    class StraightRuler < Tool
      title "Straight ruler"
      common 1
      length :width, most: LARGEST
      length :length, most: LARGEST
      length :grid, as: :step, default: 1/8r, least: Documents::Measures::FINEST, most: 1, because: "rulers have no finer lines",
                    label: "From line to line"
      length :main_lines_at, default: 0r, least: 0r, most: 1, label: "Main lines at"

      # @return [Grid] the lines printed on it
      def grid
        @grid ||= Grid.new(step)
      end

      # @param size [Rational] inches
      # @return [Boolean] whether an inch line stands at the size
      def main_line?(size)
        ((size - main_lines_at) % 1).zero?
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
        (2 * size).denominator == 1
      end

      # @return [Rational] inches of its longer edge, the longest cut it can guide
      def reach
        [width, length].max
      end

      # @return [Rational] inches of its shorter edge: a wider piece needs more than the ruler
      def reach_across
        [width, length].min
      end
    end
  end
end
