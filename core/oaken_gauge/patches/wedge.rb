# frozen_string_literal: true

module OakenGauge
  module Patches
    # An isosceles triangle with 45° at its tip, named by its finished height H. Sharp, it is cut
    # H + s + s/sin 22.5° high: s below the base, and above the tip as far as the two pushed sides run
    # before they meet. Cut from a strip, its tip is flat.
    class Wedge < Shape
      common 5

      HALF_ANGLE = Math::PI / 8

      # @return [Polygon] its base level
      def outline
        base = 2 * finished * Math.tan(HALF_ANGLE)
        @outline ||= Polygon.new([[0, 0], [base, 0], [base / 2, finished]])
      end

      # @param seam [Numeric] inches
      # @return [Float] height as cut with a sharp tip, inches
      def sharp_height(seam)
        cut_outline(seam).height
      end
    end
  end
end
