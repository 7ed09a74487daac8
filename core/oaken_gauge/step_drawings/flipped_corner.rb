# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # A square laid on a corner of a piece.
    class FlippedCorner
      # How far beside its corner a square lies that is not laid on it yet, in parts of its side.
      APART = 0.35

      # @return [Symbol]
      attr_reader :role
      # @return [Polygon]
      attr_reader :square
      # @return [Array(Complex, Complex)] its diagonal, the corner on its left
      attr_reader :line

      # @param role [Symbol]
      # @param outward [Complex] one inch each way, toward the corner
      # @param sides [Sides] of the piece
      # @param side [Float] of the square, inches
      def initialize(role, outward, sides, side)
        @role = role
        @outward = outward
        @side = side
        tip = Complex.rect(outward.real.positive? ? sides.right : sides.left, outward.imag.positive? ? sides.top : sides.bottom)
        @square = Polygon.rectangle(side, side).floating.move(tip - ((outward + 1 + 1i) * side / 2))
        @line = diagonal(tip)
      end

      # @return [Complex] away from the corner, as far as the square lies beside it before it is laid
      def aside
        @outward * @side * APART
      end

      # @param distance [Numeric] inches outside the diagonal
      # @return [Array(Complex, Complex)]
      def past(distance)
        line.map { |point| point + (@outward / SQRT2 * distance) }
      end

      # @return [Layer] its inner half over the corner, wrong side down
      def flipped
        Layer.new(role, square.left_of(*line.reverse), true).over(*line)
      end

      private

      def diagonal(tip)
        ends = [tip - (@outward.real * @side), tip - (@outward.imag * @side * 1i)]
        Plane.side(*ends, tip).positive? ? ends : ends.reverse
      end
    end
  end
end
