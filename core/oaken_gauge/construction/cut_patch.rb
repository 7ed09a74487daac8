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
    CutPatch = Struct.new(:pushes, :ends, :stretch, keyword_init: true) do
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
    end
  end
end
