# frozen_string_literal: true

module OakenGauge
  # Points of the plane and what is measured between them. A point is a Complex number of inches, x to the right
  # and y upward, exact where its parts are Rational.
  #
  # @example
  #   Plane.cross(Complex(1, 0), Complex(0, 2))   # => 2
  module Plane
    # Two computed numbers this near are the same, in inches or square inches: what Floats leave over.
    SAME = 1e-9
    # Corners and lines this near lie on one another, inches: far below what a blade can do, far above what
    # Floats add up to over a whole unit.
    FITTING = 1e-6

    class << self
      # @param point [Complex, Array(Numeric, Numeric)]
      # @return [Complex]
      def point(point)
        point.is_a?(Complex) ? point : Complex.rect(*point)
      end

      # @return [Numeric] how far one goes along the other, times the other's length
      def dot(one, other)
        (one.real * other.real) + (one.imag * other.imag)
      end

      # @return [Numeric] area between the two; positive when the second turns off to the left of the first
      def cross(one, other)
        (one.real * other.imag) - (one.imag * other.real)
      end

      # @return [Numeric] positive to the left of the line through two points
      def side(from, to, point)
        cross(to - from, point - from)
      end

      # Exact along an axis, so that squares and rectangles stay Rational.
      # @return [Complex] one inch in the direction
      def unit(way)
        return Complex.rect(way.real <=> 0, way.imag <=> 0) if way.real.zero? || way.imag.zero?

        way / way.abs
      end

      # Exact along an axis.
      # @return [Numeric] inches
      def length(way)
        way.real.zero? || way.imag.zero? ? (way.real + way.imag).abs : way.abs
      end

      # Where two lines meet, each told by its normal and how far along that it lies. The distances may be numbers
      # or rows of numbers.
      #
      # @param normal [Complex]
      # @param reach [Numeric]
      # @return [Array(Numeric, Numeric)] x and y
      def meeting(normal, reach, other, other_reach)
        turn = cross(normal, other)
        turn = turn.to_r if turn.is_a?(Integer)
        [((reach * other.imag) - (other_reach * normal.imag)) / turn, ((other_reach * normal.real) - (reach * other.real)) / turn]
      end

      # @param one [Array(Complex, Complex)] a line from point to point
      # @param other [Array(Complex, Complex)]
      # @return [Numeric] inches between them where they are nearest
      def apart(one, other)
        return 0 if cross?(one, other)

        [[one, other], [other, one]].flat_map { |line, ends| ends.map { |point| from_line(point, *line) } }.min
      end

      # Whether a point lies within corners, convex or not: a line to the left crosses their edges an odd number of times.
      #
      # @param corners [Array<Array(Float, Float)>]
      # @return [Boolean]
      def within?(corners, across, upward)
        corners.zip(corners.rotate).count do |(x, y), (to_x, to_y)|
          (y > upward) != (to_y > upward) && across > x + ((upward - y) / (to_y - y) * (to_x - x))
        end.odd?
      end

      # @return [Boolean]
      def same?(one, other)
        (one - other).abs < FITTING
      end

      private

      def cross?((from, to), (start, stop))
        [side(from, to, start) * side(from, to, stop), side(start, stop, from) * side(start, stop, to)].all?(&:negative?)
      end

      def from_line(point, from, to)
        share = (dot(point - from, to - from) / (to - from).abs2).clamp(0, 1)
        (point - (from + (share * (to - from)))).abs
      end
    end
  end
end
