# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # A straight line through two points, of many units at once: a point is a Complex number of inches, or a row of them.
    # What the line belongs to lies to its left.
    #
    # @example The seam a quarter inch inside a raw edge, and what is folded over it
    #   seam = Line.new(0, 3.0).inward(0.25)
    #   Line.new(3.0, 3.0 + 3i).over(seam)
    class Line
      # @return [Complex, Numo::DComplex] inches
      attr_reader :from, :to

      def initialize(from, to)
        @from = from
        @to = to
      end

      # @return [Complex, Numo::DComplex] one inch along it
      def way
        @way ||= (to - from) / (to - from).abs
      end

      # @return [Numeric] its direction, of many units that of the first: they hardly differ
      def heading
        way.is_a?(Numeric) ? way : way[0]
      end

      # @param far [Float, Numo::DFloat] inches
      # @return [Line] as far to the left of it
      def inward(far)
        aside = way * (far * 1i)
        Line.new(from + aside, to + aside)
      end

      # @param other [Line]
      # @return [Complex, Numo::DComplex] where they meet
      def meet(other)
        from + (way * (cross(other.from - from, other.way) / cross(way, other.way)))
      end

      # @param point [Complex, Numo::DComplex]
      # @param direction [Complex]
      # @return [Float, Numo::DFloat] how far beyond a point it lies, seen in a direction, inches
      def beyond(point, direction)
        cross(from - point, way) / cross(direction, way)
      end

      # @param fold [Line]
      # @return [Line] turned over across a fold; what it belongs to lies to its left again
      def over(fold)
        Line.new(fold.turned_over(to), fold.turned_over(from))
      end

      # @return [Complex, Numo::DComplex] where a point comes to lie that is turned over across it
      def turned_over(point)
        from + (way * ((point - from) / way).conj)
      end

      # @yield [Complex, Numo::DComplex] where a point comes to lie
      # @return [Line]
      def move
        Line.new(yield(from), yield(to))
      end

      # @param about [Complex] what it is turned about
      # @param turn [Complex, Numo::DComplex] one inch to the right, turned
      # @param to [Complex, Numo::DComplex] where that comes to lie
      # @return [Line]
      def turned(about, turn, to)
        move { |point| to + ((point - about) * turn) }
      end

      # @return [Line] seen in a mirror that lies level
      def mirrored
        Line.new(to.conj, from.conj)
      end

      # @return [Line] the other way along: what it belongs to lies on its other side
      def back
        Line.new(to, from)
      end

      private

      def cross(one, other)
        (one.conj * other).imag
      end
    end
  end
end
