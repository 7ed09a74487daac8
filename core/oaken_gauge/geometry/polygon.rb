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

    # The same outline in Floats, for what is computed often and needs no more: areas and tilings.
    # @return [Polygon]
    def floating
      Polygon.new(points.map { |x, y| [x.to_f, y.to_f] })
    end

    # A point between two others on one line is no corner.
    # @return [Polygon]
    def without_straight_corners
      runs = points.zip(points.rotate(-1), points.rotate)
      corners = runs.reject { |point, before, after| side(before, point, after).zero? }.map(&:first)
      corners.size == points.size ? self : Polygon.new(corners)
    end

    # @param other [Polygon]
    # @return [Boolean] whether the boxes round the two have something in common
    def near?(other)
      left, right, low, high = bounds
      other_left, other_right, other_low, other_high = other.bounds
      left < other_right && other_left < right && low < other_high && other_low < high
    end

    # @return [Boolean] whether no edge crosses or touches another but its neighbours
    def simple?
      edges.combination(2).none? { |one, other| meet?(one, other) }
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

    private

    # Neighbours meet at the corner they share; they must not lie on one another.
    def meet?((a, b), (c, d))
      return folded?(a, b, d) if b == c
      return folded?(c, d, b) if d == a

      sides = [[a, b, c], [a, b, d], [c, d, a], [c, d, b]].map { |from, to, point| side(from, to, point) <=> 0 }
      sides[0] * sides[1] <= 0 && sides[2] * sides[3] <= 0 && !apart?(a, b, c, d)
    end

    def folded?(first, corner, last)
      side(first, corner, last).zero? && (((first[0] - corner[0]) * (last[0] - corner[0])) +
        ((first[1] - corner[1]) * (last[1] - corner[1]))).positive?
    end

    def apart?(*points)
      xs, ys = points.transpose
      [xs, ys].any? { |(a, b, c, d)| [a, b].max < [c, d].min || [c, d].max < [a, b].min }
    end
  end
end
