# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # The box round some points, inches.
    Sides = Struct.new(:left, :right, :bottom, :top) do
      # @param points [Array<Complex>]
      # @return [Sides]
      def self.of(points)
        points.empty? ? new(0, 0, 0, 0) : new(*points.map(&:real).minmax, *points.map(&:imag).minmax)
      end

      # @return [Numeric]
      def wide
        right - left
      end

      # @return [Numeric]
      def high
        top - bottom
      end

      # @return [Numeric] the greater of both
      def most
        [wide, high].max
      end

      # @param past [Numeric] inches that it reaches past them on the right and above
      # @return [Polygon]
      def rectangle(past = 0)
        Polygon.rectangle(wide + past, high + past).move(lower_left)
      end

      # @param distance [Numeric] inches
      # @return [Sides] as far outside of it on all sides
      def grow(distance)
        Sides.new(left - distance, right + distance, bottom - distance, top + distance)
      end

      # @return [Complex]
      def middle
        Complex.rect((left + right) / 2, (bottom + top) / 2)
      end

      # @return [Complex]
      def lower_left
        Complex.rect(left, bottom)
      end

      # @return [Complex]
      def upper_left
        Complex.rect(left, top)
      end
    end
  end
end
