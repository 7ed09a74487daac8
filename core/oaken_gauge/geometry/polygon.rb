# frozen_string_literal: true

module OakenGauge
  # A simple polygon, its corners counter-clockwise, in inches. Frozen. Corners stay Rational as long
  # as every edge lies along an axis; a slanted edge brings in Floats.
  #
  # Moving is in {PolygonMoves}, pushing edges outward in {Offsetting}, cutting off in {Clipping}.
  class Polygon
    include PolygonMoves
    include Offsetting
    include Clipping

    # @return [Array<Array(Numeric, Numeric)>] corners
    attr_reader :points

    # @param width [Numeric]
    # @param height [Numeric]
    # @return [Polygon] a rectangle with its lower left corner at the origin
    def self.rectangle(width, height)
      new([[0, 0], [width, 0], [width, height], [0, height]])
    end

    # @param points [Array<Array(Numeric, Numeric)>] at least three corners
    def initialize(points)
      @points = points.map { |point| point.dup.freeze }.freeze
      freeze
    end

    # @return [Numeric] square inches; negative when the corners run clockwise
    def area
      edges.sum { |(x1, y1), (x2, y2)| (x1 * y2) - (x2 * y1) }/2r
    end

    # @return [Array<Array>] each corner with the next
    def edges
      points.each_index.map { |i| [points[i], points[(i + 1) % points.size]] }
    end

    # @return [Array<Numeric>] least and greatest x, least and greatest y
    def bounds
      xs, ys = points.transpose
      [*xs.minmax, *ys.minmax]
    end

    # @return [Numeric] inches from the leftmost corner to the rightmost
    def width
      left, right, = bounds
      right - left
    end

    # @return [Numeric] inches from the lowest corner to the highest
    def height
      *, low, high = bounds
      high - low
    end

    # @return [Boolean]
    def ==(other)
      other.is_a?(Polygon) && points == other.points
    end
    alias eql? ==

    # @return [Integer]
    def hash
      points.hash
    end
  end
end
