# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # What of a polygon lies outside of others.
    class Outside
      # Parts no wider than this are what Floats leave over, square inches.
      LEAST = 1e-4

      # @param windows [Array<Polygon>] convex
      def initialize(*windows)
        @windows = windows
      end

      # @param outline [Polygon]
      # @return [Array<Polygon>]
      def of(outline)
        @windows.reduce([outline]) { |parts, window| parts.flat_map { |part| past(part, window) } }
      end

      private

      # Side by side: what lies past one edge is outside, and the rest is looked at by the next.
      def past(part, window)
        rest = part
        window.edges.filter_map do |from, to|
          outer = rest&.left_of(to, from)
          rest = rest&.left_of(from, to)
          outer if outer && outer.area > LEAST
        end
      end
    end
  end
end
