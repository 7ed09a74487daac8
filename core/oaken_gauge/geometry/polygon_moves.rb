# frozen_string_literal: true

module OakenGauge
  # Polygons moved without being stretched.
  module PolygonMoves
    # @param right [Numeric] inches
    # @param upward [Numeric] inches
    # @return [Polygon]
    def move(right, upward)
      Polygon.new(points.map { |x, y| [x + right, y + upward] })
    end

    # @return [Polygon] moved so that it touches both axes from inside the first quadrant
    def settle
      left, _, low, = bounds
      move(-left, -low)
    end

    # Turned half round within its own bounds: never turned over.
    # @return [Polygon]
    def half_turn
      left, right, low, high = bounds
      Polygon.new(points.map { |x, y| [left + right - x, low + high - y] })
    end

    # @return [Polygon] its mirror image, left for right, corners still counter-clockwise
    def mirror
      left, right, = bounds
      Polygon.new(points.map { |x, y| [left + right - x, y] }.reverse)
    end
  end
end
