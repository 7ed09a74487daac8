# frozen_string_literal: true

module OakenGauge
  # Pushing the edges of a polygon outward: this is what a seam allowance is.
  module Offsetting
    # Every edge moves outward by the distance, and neighbouring edges are drawn out until they meet.
    # The corners of a patch run out into its dog ears this way, as they do in cloth.
    #
    # @param distance [Numeric] inches
    # @return [Polygon]
    def offset(distance)
      lines = edges.map { |from, to| pushed_line(from, to, distance) }
      Polygon.new(lines.each_index.map { |i| meeting(lines[i - 1], lines[i]) })
    end

    private

    # A line as its outward normal (a, b) and its reach c: the points with ax + by = c.
    def pushed_line((x1, y1), (x2, y2), distance)
      a, b = unit_vector(y2 - y1, x1 - x2)
      [a, b, (a * x1) + (b * y1) + distance]
    end

    # Exact along an axis, so that squares and rectangles stay Rational.
    def unit_vector(x, y)
      return [x <=> 0, y <=> 0] if x.zero? || y.zero?

      length = Math.hypot(x, y)
      [x / length, y / length]
    end

    def meeting((a1, b1, c1), (a2, b2, c2))
      cross = (a1 * b2) - (a2 * b1)
      cross = cross.to_r if cross.is_a?(Integer)
      [((c1 * b2) - (c2 * b1)) / cross, ((a1 * c2) - (a2 * c1)) / cross]
    end
  end
end
