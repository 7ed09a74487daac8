# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # Strips sewn side by side, from edge to edge: the width of each as cut, and its colour.
    class Pieced
      include Documents::Record

      list :strips, Documents::Measures::Size.new(most: 200), within: 2..40, label: "Widths of its strips"
      list :colors, Documents::Scalars::Text.new(most: 40), within: 2..40, label: "Colours of its strips"
      rule(:colors, :strips, say: "has another number than strips: allowed is one colour a strip") do |colors, strips|
        colors.size == strips.size
      end

      # @param seam [Rational] inches
      # @return [Rational] inches, with an allowance taken up on either side of each seam
      def width(seam)
        strips.sum - (2 * seam * (strips.size - 1))
      end
    end
  end
end
