# frozen_string_literal: true

module OakenGauge
  module Construction
    # A patch as it came from the cutter, against what it should be: a shape's edges in the order of its
    # outline.
    #
    # - pushes: what lies beyond each edge of the patch with its exact allowance, inches
    # - ends: for each edge, how much farther along it its two ends lie than where the pushed edges would meet: a piece
    #   that is too long one way only has its slanted edges askew; nil where edges lie as they should
    # - stretch: how far each edge is off the grain, 0 along it to 1 on the true bias
    # - corners, apart, along: of what was cut out of a piece, how far each corner lies off its place as it lay in the piece,
    #   how far each edge was then cut off, and each edge's direction there; nil elsewhere
    # - slopes: how much farther out each edge lies for every inch along it, where a piece was out of square; nil elsewhere
    # - away: how far along each edge its middle lies from that of the piece, inches; nil elsewhere
    CutPatch = Struct.new(:pushes, :ends, :stretch, :corners, :apart, :along, :slopes, :away, keyword_init: true) do
      # An edge at an angle to the grain gives most at 45°, as |sin 2θ| does.
      #
      # @param polygon [Polygon] as it lies on the fabric, its grain along the axes
      # @return [Array<Float>]
      def self.stretch(polygon)
        polygon.edges.map do |from, to|
          way = to - from
          (2 * way.real * way.imag / way.abs2).abs.to_f
        end
      end

      # @param first [Integer]
      # @return [CutPatch] counted from another of its edges
      def from(first)
        first.zero? ? self : CutPatch.new(**to_h.transform_values { |list| list&.rotate(first) })
      end

      # @param all [Array<Numeric>]
      # @return [CutPatch] with its edges as far out as that
      def pushed(all)
        grown = apart&.zip(all.zip(pushes))&.map { |off, (now, before)| off + now - before }
        CutPatch.new(**to_h, pushes: all, apart: grown)
      end

      # @param corner [Integer] the one at the start of the edge that has its number
      # @param edge [Integer]
      # @return [Numeric] how far outward of an edge a corner lies off, inches
      def beyond(corner, edge)
        out = along[edge] * -1i
        before, after = along.values_at(corner - 1, corner).map { |way| way * -1i }
        Lines.along(corners[corner], out) + Lines.along(Plane.meeting(before, apart[corner - 1], after, apart[corner]), out)
      end

      # @return [CutPatch] the same patch face down: its edges the other way round
      def turned_over
        CutPatch.new(pushes: pushes.reverse, ends: ends.reverse.map { |from, to| [-to, -from] }, stretch: stretch.reverse,
                     slopes: slopes.reverse.map(&:-@))
      end
    end
  end
end
