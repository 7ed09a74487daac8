# frozen_string_literal: true

module OakenGauge
  # Cutting a polygon along straight lines.
  module Clipping
    # The parts of this polygon inside another. A window that turns in somewhere is taken apart first.
    #
    # @param window [Polygon] simple, counter-clockwise
    # @return [Array<Polygon>] they do not overlap
    def clip(window)
      window.convex_parts.filter_map { |part| inside(part) }
    end

    # @param other [Polygon]
    # @return [Numeric] square inches that lie in both
    def shared_area(other)
      clip(other).sum(0.0, &:area)
    end

    # @param window [Polygon] convex
    # @return [Polygon, nil] nil when nothing is left (Sutherland and Hodgman, 1974: one edge at a time)
    def inside(window)
      window.edges.reduce(self) { |rest, (from, to)| rest&.left_of(from, to) }
    end

    # The part of this polygon between two level lines, as a strip of fabric holds it.
    #
    # @param low [Numeric] inches
    # @param high [Numeric] inches
    # @return [Polygon, nil]
    def between(low, high)
      left_of(Complex.rect(0, low), Complex.rect(1, low))&.left_of(Complex.rect(1, high), Complex.rect(0, high))
    end

    # Where a level line enters and leaves the part of this polygon above it.
    #
    # @param height [Numeric] inches, below its highest corner
    # @return [Array(Numeric, Numeric)] inches from the left
    def level_at(height)
      above = left_of(Complex.rect(0, height), Complex.rect(1, height))
      above.points.select { |point| (point.imag - height).abs < Plane::SAME }.map(&:real).minmax
    end

    # Where the line through two points enters and leaves it.
    #
    # @param from [Complex]
    # @param to [Complex]
    # @return [Array(Complex, Complex), nil] along the line; nil where it passes by
    def chord(from, to)
      met = edges.filter_map { |start, stop| met_by(from, to, start, stop) }
      met.minmax_by { |point| Plane.dot(point, to - from) } if met.size > 1
    end

    # The part of this polygon to the left of the line through two points.
    #
    # @param from [Complex]
    # @param to [Complex]
    # @return [Polygon, nil]
    def left_of(from, to)
      sides = points.map { |point| Plane.side(from, to, point) }
      kept = points.each_index.flat_map { |i| kept_of_edge(i, sides) }
      kept.size < 3 ? nil : Polygon.new(kept)
    end

    # @return [Array<Polygon>] triangles that it is put together from, or itself where it turns in nowhere
    def convex_parts
      convex? ? [self] : triangles(points)
    end

    private

    def met_by(from, to, start, stop)
      here, there = [start, stop].map { |point| Plane.side(from, to, point) }
      start + (here / (here - there) * (stop - start)) if (here - there).abs > Plane::SAME && here * there <= Plane::SAME
    end

    def kept_of_edge(index, sides)
      following = (index + 1) % points.size
      here, there = sides.values_at(index, following)
      # A corner on the line may lie beyond it by what Floats leave over, and is kept.
      kept = here < -Plane::SAME ? [] : [points[index]]
      kept << crossing(points[index], points[following], here, there) if [here, there].minmax.then do |low, high|
        low < -Plane::SAME && high > Plane::SAME
      end
      kept
    end

    def crossing(point, following, here, there)
      share = here.is_a?(Float) || there.is_a?(Float) ? here / (here - there) : here / (here - there).to_r
      point + (share * (following - point))
    end

    # Cuts off one corner after another that has nothing else inside (ear clipping).
    def triangles(rest)
      return [Polygon.new(rest)] if rest.size == 3

      tip = rest.each_index.find { |i| ear?(rest, i) } || 0
      ear = [rest[tip - 1], rest[tip], rest[(tip + 1) % rest.size]]
      [Polygon.new(ear), *triangles(rest.reject.with_index { |_, i| i == tip })]
    end

    def ear?(rest, tip)
      before = rest[tip - 1]
      corner = rest[tip]
      after = rest[(tip + 1) % rest.size]
      return false unless Plane.side(before, corner, after).positive?

      (rest - [before, corner, after]).none? do |point|
        [[before, corner], [corner, after], [after, before]].all? { |from, to| Plane.side(from, to, point) >= 0 }
      end
    end
  end
end
