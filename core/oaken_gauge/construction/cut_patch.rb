# frozen_string_literal: true

module OakenGauge
  module Construction
    # A patch as it came from the cutter, against what it should be: a shape's edges in the order of its
    # outline.
    #
    # - pushes: what lies beyond each edge of the patch with its exact allowance, inches; nil of what was cut out of a piece
    # - stretch: how far each edge is off the grain, 0 along it to 1 on the true bias
    # - corners, apart, along: of what was cut out of a piece, how far each corner lies off its place as it lay in the piece,
    #   how far each edge was then cut off, and each edge's direction there; nil elsewhere
    CutPatch = Struct.new(:pushes, :stretch, :corners, :apart, :along, keyword_init: true) do
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
    end
  end
end
