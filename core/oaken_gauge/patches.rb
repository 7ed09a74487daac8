# frozen_string_literal: true

module OakenGauge
  # The shapes that patches have.
  module Patches
    # Makes of an outline the plainest shape that it is: a square, a rectangle, half of a square, or
    # else the outline itself.
    #
    # @param polygon [Polygon]
    # @return [Shape]
    def self.recognise(polygon)
      sides = polygon.edges.map { |from, to| to - from }
      return recognise_four(polygon, sides) if sides.size == 4
      return recognise_three(polygon, sides) if sides.size == 3

      OutlineShape.new(polygon.points)
    end

    class << self
      # @return [Hash{String => Class}] those that documents name, the most common first; any other is told by its outline
      def kinds
        @kinds ||= (Registry.of(Shape) - [OutlineShape]).sort_by(&:common).to_h { |shape| [shape.kind.to_s, shape] }
      end

      private

      def recognise_four(polygon, sides)
        return OutlineShape.new(polygon.points) unless sides.each_index.all? { |i| square_corner?(sides[i - 1], sides[i]) }

        width, height = sides.first(2).map { |side| length(side) }
        width == height ? Square.new(width) : Rectangle.new([height, width].minmax)
      end

      def recognise_three(polygon, sides)
        corner = sides.each_index.find { |i| square_corner?(sides[i - 1], sides[i]) }
        legs = corner ? [length(sides[corner - 1]), length(sides[corner])] : [0, 1]
        (legs.first - legs.last).abs < Plane::SAME ? HalfSquare.new(legs.first) : OutlineShape.new(polygon.points)
      end

      def square_corner?(one, other)
        Plane.dot(one, other).abs < Plane::SAME
      end

      # What Floats leave over is rounded away, so that a side that is turned is as long as before.
      def length(side)
        size = Plane.length(side)
        size.is_a?(Float) ? size.round(12) : size
      end
    end
  end
end
