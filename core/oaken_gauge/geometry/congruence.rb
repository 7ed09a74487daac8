# frozen_string_literal: true

module OakenGauge
  # Whether polygons have one shape, and how one is laid on another: moved, turned, turned over where that fits.
  module Congruence
    # Turned so that one of its edges lies level, starting at the origin.
    #
    # @param from [Complex] the edge's first corner
    # @param to [Complex] its second
    # @return [Polygon]
    def turn_level(from, to)
      along = Plane.unit(to - from)
      Polygon.new(points.map { |point| (point - from) * along.conj })
    end

    # The way back: what lies level from the origin comes to lie along an edge.
    # @return [Polygon]
    def lift(from, to)
      along = Plane.unit(to - from)
      Polygon.new(points.map { |point| (point * along) + from })
    end

    # Turned over across a line, corners still counter-clockwise.
    #
    # @param from [Complex]
    # @param to [Complex]
    # @return [Polygon]
    def over(from, to)
      along = Plane.unit(to - from)
      Polygon.new(points.map { |point| from + (along * ((point - from) * along.conj).conj) }.reverse)
    end

    # Every way to lay this polygon on another of its shape.
    #
    # @param onto [Polygon]
    # @return [Array<Proc>] each lays anything that lies with this polygon; at least one when they have one shape
    def placements(onto)
      [false, true].product(points.each_index.to_a).map { |over, start| placement(onto, over, start) }
                   .select { |place| onto.points.all? { |point| place.call(self).points.any? { |own| Plane.same?(own, point) } } }
    end

    # Which of its edges comes to lie on another polygon's first, turned but not turned over.
    #
    # @param onto [Polygon]
    # @return [Integer]
    # @raise [ArgumentError] when they have two shapes
    def first_edge_on(onto)
      own = turns
      other = onto.turns
      own.each_index.find { |i| alike?(own.rotate(i), other) } or raise ArgumentError, "polygons of two shapes"
    end

    # Two polygons have one shape when their sides and corners follow one another alike, from wherever they are
    # counted.
    # @return [Array<Array(Float, Float)>] each side's length and what the outline turns by at its start
    def turns
      sides = edges.map { |from, to| to - from }
      sides.each_index.map { |i| [sides[i].abs.to_f, Plane.cross(sides[i - 1], sides[i]).to_f] }
    end

    private

    def placement(onto, over, start)
      first, second = flipped(self, over).points.rotate(start).first(2)
      ->(polygon) { flipped(polygon, over).turn_level(first, second).lift(*onto.points.first(2)) }
    end

    def flipped(polygon, over)
      over ? Polygon.new(polygon.points.map { |point| -point.conj }.reverse) : polygon
    end

    # Turns are areas: they may lie as far apart as the lengths that they come from make them.
    def alike?(one, other)
      one.size == other.size && one.flatten.zip(other.flatten).all? { |a, b| (a - b).abs < 10 * Plane::FITTING }
    end
  end
end
