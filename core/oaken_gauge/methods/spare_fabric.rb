# frozen_string_literal: true

module OakenGauge
  module Methods
    # How much fabric a spare patch holds. One that the unit has too counts as it does there; another
    # counts as in the plainest unit it belongs to, or as it is cut from a strip.
    module SpareFabric
      HOMES = { half_square: Units::HalfSquare, quarter_square: Units::Hourglass }.freeze

      class << self
        # @param shape [Patches::Shape]
        # @param way [Methods::Method]
        # @return [Float] square inches
        def area(shape, way)
          own = way.unit.patches.find { |patch| patch.shape == shape }
          return way.unit.fabric_in_patch(own, way.seam) if own

          home = HOMES[shape.kind]
          return shape.strip_outline(way.seam).area.to_f unless home

          unit = home.new(finished: shape.finished, count: 1)
          unit.fabric_in_patch(unit.patches.first, way.seam)
        end
      end
    end
  end
end
