# frozen_string_literal: true

module OakenGauge
  # Cutting a polygon along straight lines.
  module Clipping
    # The part of this polygon inside a convex one (Sutherland and Hodgman, 1974: one edge at a time).
    #
    # @param window [Polygon] convex, counter-clockwise
    # @return [Polygon, nil] nil when nothing is left
    def clip(window)
      window.edges.reduce(self) { |rest, (from, to)| rest&.left_of(from, to) }
    end

    # The part of this polygon between two level lines, as a strip of cloth holds it.
    #
    # @param low [Numeric] inches
    # @param high [Numeric] inches
    # @return [Polygon, nil]
    def between(low, high)
      left_of([0, low], [1, low])&.left_of([1, high], [0, high])
    end

    # The part of this polygon to the left of the line through two points.
    #
    # @param from [Array(Numeric, Numeric)]
    # @param to [Array(Numeric, Numeric)]
    # @return [Polygon, nil]
    def left_of(from, to)
      sides = points.map { |point| side(from, to, point) }
      kept = points.each_index.flat_map { |i| kept_of_edge(i, sides) }
      kept.size < 3 ? nil : Polygon.new(kept)
    end

    private

    # More than zero to the left of the line.
    def side((x1, y1), (x2, y2), (x, y))
      ((x2 - x1) * (y - y1)) - ((y2 - y1) * (x - x1))
    end

    def kept_of_edge(index, sides)
      following = (index + 1) % points.size
      here, there = sides.values_at(index, following)
      kept = here.negative? ? [] : [points[index]]
      kept << crossing(points[index], points[following], here, there) if here * there < -TOLERANCE * TOLERANCE
      kept
    end

    def crossing((x1, y1), (x2, y2), here, there)
      share = here / (here - there).to_r
      share = here / (here - there) if here.is_a?(Float) || there.is_a?(Float)
      [x1 + (share * (x2 - x1)), y1 + (share * (y2 - y1))]
    end
  end
end
