# frozen_string_literal: true

module OakenGauge
  module Construction
    # Matches the corners of one polygon with those of another of the same shape.
    module Alignment
      # Sides and angles nearer than this are the same.
      NEAR = 1e-5

      class << self
        # @param from [Polygon]
        # @param onto [Polygon] the same, turned and moved
        # @return [Integer] which edge of the first is the second's edge 0
        # @raise [ArgumentError] when they are not of one shape
        def turn(from, onto)
          first = signature(from)
          second = signature(onto)
          second.each_index.find { |i| same?(first.rotate(i), second) } or raise ArgumentError, "polygons of two shapes"
        end

        private

        def same?(one, other)
          one.size == other.size && one.flatten.zip(other.flatten).all? { |a, b| (a - b).abs < NEAR }
        end

        # Each side's length and what the outline turns by at its start.
        def signature(polygon)
          sides = polygon.edges.map { |(x1, y1), (x2, y2)| [(x2 - x1).to_f, (y2 - y1).to_f] }
          sides.each_index.map { |i| [Math.hypot(*sides[i]), cross(sides[i - 1], sides[i])] }
        end

        def cross((ax, ay), (bx, by))
          (ax * by) - (ay * bx)
        end
      end
    end
  end
end
