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

    # Turned so that one of its edges lies level, starting at the origin.
    #
    # @param from [Array(Numeric, Numeric)] the edge's first corner
    # @param to [Array(Numeric, Numeric)] its second
    # @return [Polygon]
    def turn_level(from, to)
      return move(-from[0], -from[1]) if from[1] == to[1] && from[0] < to[0]

      cosine, sine = direction(from, to)
      Polygon.new(points.map { |x, y| turned(x - from[0], y - from[1], cosine, sine) })
    end

    # The way back: what lies level from the origin comes to lie along an edge.
    #
    # @param from [Array(Numeric, Numeric)] the edge's first corner
    # @param to [Array(Numeric, Numeric)] its second
    # @return [Polygon]
    def lift(from, to)
      cosine, sine = direction(from, to)
      Polygon.new(points.map { |x, y| turned(x, y, cosine, -sine) }).move(*from)
    end

    # @return [Polygon] its mirror image, left for right, corners still counter-clockwise
    def mirror
      left, right, = bounds
      Polygon.new(points.map { |x, y| [left + right - x, y] }.reverse)
    end

    private

    # Cosine and sine of the angle at which an edge rises.
    def direction(from, to)
      across, upward = [to, from].transpose.map { |far, near| far - near }
      length = Math.hypot(across, upward)
      [across / length, upward / length]
    end

    def turned(x, y, cosine, sine)
      [(x * cosine) + (y * sine), (y * cosine) - (x * sine)]
    end
  end
end
