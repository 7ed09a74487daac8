# frozen_string_literal: true

module OakenGauge
  module Patches
    # A square, named by its side. Its side may be one that is on no ruler, as in a square in a square.
    class Square < Shape
      common 1

      # @return [Polygon]
      def outline
        @outline ||= Polygon.rectangle(finished, finished)
      end

      # @return [Integer]
      def per_piece
        1
      end
    end
  end
end
