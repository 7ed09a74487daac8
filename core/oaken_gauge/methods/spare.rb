# frozen_string_literal: true

module OakenGauge
  module Methods
    # What single patches hold elsewhere, by shape and allowance.
    ELSEWHERE = Memo.new(500)
    private_constant :ELSEWHERE

    # Patches or units that came out and are not needed: they are kept, and offered again.
    #
    # - role: Symbol, which fabric
    # - shape: {Patches::Shape} of a patch
    # - unit: {Units::Unit}, instead of a shape, for whole units of another kind or size
    # - count: Integer
    Spare = Struct.new(:role, :shape, :unit, :count, keyword_init: true) do
      # How much fabric spare patches hold. One that the unit has too counts as it does there; another counts as in the
      # plainest unit it belongs to, or as it is cut from a strip.
      #
      # @param way [Method] that they come out of
      # @return [Float] square inches of all of them
      def area(way)
        count * (in_unit(way.unit, way.seam) || elsewhere(way.seam))
      end

      private

      def in_unit(unit, seam)
        own = unit.patches.find { |patch| patch.shape == shape }
        own && unit.fabric_in_patch(own, seam)
      end

      def elsewhere(seam)
        ELSEWHERE.fetch([shape, seam]) do
          home = { half_square: Units::HalfSquare, quarter_square: Units::Hourglass }[shape.kind]
          next shape.strip_outline(seam).area.to_f unless home

          plainest = home.new(finished: shape.finished, count: 1)
          plainest.fabric_in_patch(plainest.patches.first, seam)
        end
      end
    end
  end
end
