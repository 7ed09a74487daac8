# frozen_string_literal: true

module OakenGauge
  module Patches
    # Half of a square: straight grain on the two legs, bias on the long side. Named by its leg.
    # Pushed outward by s, the leg grows by (2 + √2)s: once for the allowance on either side, once
    # more for the tip, which leaves along 45°.
    class HalfSquare < Shape
      common 2
      title "half-square triangle"

      # @return [Polygon]
      def outline
        @outline ||= Polygon.new([[0, 0], [finished, 0], [0, finished]])
      end

      # @return [Integer] from a square cut corner to corner
      def per_piece
        2
      end

      # @return [Symbol]
      def piece_then
        :cut_diagonal
      end

      # @return [Array]
      def piece_marks
        DIAGONAL
      end
    end
  end
end
