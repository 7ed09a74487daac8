# frozen_string_literal: true

module OakenGauge
  module Patches
    # A quarter of a square: straight grain on the long side, bias on the two legs. Named by its long
    # side. Pushed outward by s, the long side grows by (2 + 2√2)s: the base moves out by s, and each
    # 45° tip runs out by (1 + √2)s.
    class QuarterSquare < Shape
      common 3
      title "quarter-square triangle"

      # @return [Polygon]
      def outline
        @outline ||= Polygon.new([[0, 0], [finished, 0], [finished/2r, finished/2r]])
      end

      # @return [Integer] from a square cut on both diagonals
      def per_piece
        4
      end

      # @return [Symbol]
      def piece_then
        :cut_both_diagonals
      end

      # @return [Array]
      def piece_marks
        BOTH_DIAGONALS
      end
    end
  end
end
