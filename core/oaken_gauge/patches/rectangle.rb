# frozen_string_literal: true

module OakenGauge
  module Patches
    # A rectangle, named by its height and width.
    class Rectangle < Shape
      common 4

      # @return [Polygon]
      def outline
        @outline ||= Polygon.rectangle(finished.last, finished.first)
      end

      # @return [Array(Numeric, Numeric)]
      def piece_size(seam)
        finished.map { |side| side + (2 * seam) }
      end

      # @return [Integer]
      def per_piece
        1
      end
    end
  end
end
