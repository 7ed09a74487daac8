# frozen_string_literal: true

module OakenGauge
  # The shapes that patches have.
  module Patches
    # How near a corner must be to square, and two sides to equal, to be called so.
    NEAR = 1e-9

    # Makes of an outline the plainest shape that it is: a square, a rectangle, half of a square, or
    # else the outline itself.
    #
    # @param polygon [Polygon]
    # @return [Shape]
    def self.recognise(polygon)
      sides = polygon.edges.map { |(x1, y1), (x2, y2)| [x2 - x1, y2 - y1] }
      return recognise_four(polygon, sides) if sides.size == 4
      return recognise_three(polygon, sides) if sides.size == 3

      OutlineShape.new(polygon.points)
    end

    class << self
      private

      def recognise_four(polygon, sides)
        return OutlineShape.new(polygon.points) unless sides.each_index.all? { |i| square_corner?(sides[i - 1], sides[i]) }

        width, height = sides.first(2).map { |side| length(side) }
        width == height ? Square.new(width) : Rectangle.new([height, width].minmax)
      end

      def recognise_three(polygon, sides)
        corner = sides.each_index.find { |i| square_corner?(sides[i - 1], sides[i]) }
        legs = corner ? [length(sides[corner - 1]), length(sides[corner])] : [0, 1]
        (legs.first - legs.last).abs < NEAR ? HalfSquare.new(legs.first) : OutlineShape.new(polygon.points)
      end

      def square_corner?(one, other)
        ((one[0] * other[0]) + (one[1] * other[1])).abs < NEAR
      end

      # Exact along an axis.
      def length((x, y))
        x.zero? || y.zero? ? (x + y).abs : Math.hypot(x, y).round(12)
      end
    end
  end
end
