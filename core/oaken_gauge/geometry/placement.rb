# frozen_string_literal: true

module OakenGauge
  # The ways to lay a polygon on another of the same shape: moved, turned, and turned over where that
  # fits too.
  class Placement
    # How far corners may be apart, inches.
    NEAR = 1e-6

    # @param from [Polygon]
    # @param onto [Polygon] one of the same shape
    # @return [Array<Placement>] at least one when they are of the same shape
    def self.all(from, onto)
      [false, true].product(from.points.each_index.to_a).map { |over, start| new(from, onto, over, start) }.select(&:fits?)
    end

    def initialize(from, onto, over, start)
      @from = from
      @onto = onto
      @over = over
      points = flipped(from).points
      @edge = [points[start], points[(start + 1) % points.size]]
    end

    # @return [Boolean]
    def fits?
      placed = call(@from).points
      @onto.points.all? { |x, y| placed.any? { |px, py| (px - x).abs < NEAR && (py - y).abs < NEAR } }
    end

    # @param polygon [Polygon] anything that lies with the first polygon
    # @return [Polygon] where it comes to lie
    def call(polygon)
      flipped(polygon).turn_level(*@edge).lift(*@onto.points.first(2))
    end

    private

    def flipped(polygon)
      @over ? Polygon.new(polygon.points.map { |x, y| [-x, y] }.reverse) : polygon
    end
  end
end
