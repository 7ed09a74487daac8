# frozen_string_literal: true

module OakenGauge
  # A simple polygon, its corners counter-clockwise, in inches. Frozen. Corners stay Rational as long as every edge
  # lies along an axis; a slanted edge brings in Floats. Cutting off is in {Clipping}, laying one on another in
  # {Congruence}.
  #
  # @example
  #   Polygon.rectangle(2, 2).offset(1/4r).area   # => (25/4)
  class Polygon
    include Clipping
    include Congruence

    # @return [Array<Complex>] corners
    attr_reader :points
    # @return [Array<Numeric>] least and greatest x, least and greatest y
    attr_reader :bounds

    # @param width [Numeric]
    # @param height [Numeric]
    # @return [Polygon] a rectangle with its lower left corner at the origin
    def self.rectangle(width, height)
      new([[0, 0], [width, 0], [width, height], [0, height]])
    end

    # @param points [Array<Complex, Array(Numeric, Numeric)>] at least three corners
    def initialize(points)
      @points = points.map { |point| Plane.point(point) }.freeze
      @bounds = [*@points.map(&:real).minmax, *@points.map(&:imag).minmax].freeze
      freeze
    end

    # @return [Array<Array(Numeric, Numeric)>] corners as x and y
    def corners
      points.map(&:rect)
    end

    # @return [Array<Array(Complex, Complex)>] each corner with the next
    def edges
      points.zip(points.rotate)
    end

    # @return [Array(Complex, Complex)]
    def longest_edge
      edges.max_by { |from, to| (to - from).abs }
    end

    # @return [Numeric] square inches; negative when the corners run clockwise
    def area
      (0...points.size).sum { |i| Plane.cross(points[i - 1], points[i]) }/2r
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
      Polygon.new(points.map { |point| Complex.rect(point.real.to_f, point.imag.to_f) })
    end

    # @param way [Complex, Array(Numeric, Numeric)] inches to the right and upward
    # @return [Polygon]
    def move(way, upward = nil)
      way = upward ? Complex.rect(way, upward) : Plane.point(way)
      Polygon.new(points.map { |point| point + way })
    end

    # @return [Polygon] moved so that it touches both axes from inside the first quadrant
    def settle
      left, _, low, = bounds
      move(-left, -low)
    end

    # @param factor [Numeric]
    # @return [Polygon] larger or smaller
    def scale(factor)
      Polygon.new(points.map { |point| point * factor })
    end

    # Turned half round within its own bounds: never turned over.
    # @return [Polygon]
    def half_turn
      left, right, low, high = bounds
      Polygon.new(points.map { |point| Complex.rect(left + right, low + high) - point })
    end

    # @return [Polygon] its mirror image, left for right within its own bounds, corners still counter-clockwise
    def mirror
      left, right, = bounds
      Polygon.new(points.map { |point| Complex.rect(left + right - point.real, point.imag) }.reverse)
    end

    # Every edge moves outward by the distance, and neighbouring edges are drawn out until they meet: this is what a
    # seam allowance is. The corners of a patch run out into its dog ears this way, as they do in fabric.
    #
    # @param distance [Numeric] inches
    # @return [Polygon]
    def offset(distance)
      lines = edges.map { |from, to| line_along(from, to).then { |normal, reach| [normal, reach + distance] } }
      Polygon.new(lines.each_index.map { |i| Plane.meeting(*lines[i - 1], *lines[i]) })
    end

    # Every edge moves inward by the distance. An edge that nothing is left of (as of one that took off a tip) is
    # left out, and its neighbours are drawn on.
    #
    # @param distance [Numeric] inches
    # @param least [Numeric] how short is nothing, inches
    # @return [Polygon]
    def inset(distance, least: Plane::FITTING)
      inner = offset(-distance)
      gone = edges.zip(inner.edges).index { |(from, to), (start, stop)| Plane.dot(Plane.unit(to - from), stop - start) <= least }
      gone && points.size > 3 ? without_edge(gone).inset(distance, least: least) : inner
    end

    # A point between two others on one line is no corner.
    # @return [Polygon]
    def without_straight_corners
      kept = points.zip(points.rotate(-1), points.rotate).reject { |point, before, after| Plane.side(before, point, after).zero? }
      kept.size == points.size ? self : Polygon.new(kept.map(&:first))
    end

    # @return [Boolean]
    def repeats_a_corner?
      points.uniq.size < points.size
    end

    # @return [Boolean] whether no edge crosses or touches another but its neighbours
    def simple?
      boxed = edges.map { |from, to| [from, to, *[from.real, to.real].minmax, *[from.imag, to.imag].minmax] }
      boxed.combination(2).none? { |one, other| !apart?(one, other) && meet?(one, other) }
    end

    # @return [Boolean] whether it nowhere turns to the right
    def convex?
      points.each_index.all? { |i| Plane.side(points[i - 2], points[i - 1], points[i]) >= -Plane::SAME }
    end

    # @param other [Polygon]
    # @return [Boolean] whether the boxes round the two have something in common
    def near?(other)
      left, right, low, high = bounds
      other_left, other_right, other_low, other_high = other.bounds
      left < other_right && other_left < right && low < other_high && other_low < high
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

    # An edge's outward normal, and how far along it the edge lies.
    def line_along(from, to)
      normal = Plane.unit(to - from).then { |along| Complex.rect(along.imag, -along.real) }
      [normal, Plane.dot(normal, from)]
    end

    # The edge's neighbours run on until they meet.
    def without_edge(index)
      lines = [index - 1, (index + 1) % points.size].flat_map { |i| line_along(*edges[i]) }
      Polygon.new([*points.rotate(index + 2).first(points.size - 2), Plane.meeting(*lines)])
    end

    # Neighbours meet at the corner they share; they must not lie on one another.
    def meet?((a, b), (c, d))
      return folded?(a, b, d) if b == c
      return folded?(c, d, b) if d == a

      (Plane.side(a, b, c) <=> 0) * (Plane.side(a, b, d) <=> 0) <= 0 && (Plane.side(c, d, a) <=> 0) * (Plane.side(c, d, b) <=> 0) <= 0
    end

    def folded?(first, corner, last)
      Plane.side(first, corner, last).zero? && Plane.dot(first - corner, last - corner).positive?
    end

    # Boxes round two edges that have nothing in common.
    def apart?((_, _, left, right, low, high), (_, _, its_left, its_right, its_low, its_high))
      right < its_left || its_right < left || high < its_low || its_high < low
    end
  end
end
