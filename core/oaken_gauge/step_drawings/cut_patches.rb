# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Patches where they lie in the unit, with the allowances that are not sewn yet.
    class CutPatches
      # @param way [Methods::PatchesMethod]
      def initialize(way)
        @way = way
        @unit = way.unit
        @seam = way.seam.to_f
      end

      # @param place [Integer] of the patch in its unit
      # @param sewn [Array<Construction::Joint>]
      # @return [Polygon] as it was cut while it is single; else as it is seen
      def outline(place, sewn)
        edges = sewn.flat_map { |joint| (joint.first + joint.second).map(&:first) }.select { |edge| edge.patch == place }
        return blunted(place) if edges.empty?

        Whole.patch(@unit.frame.edges[place]) { |edge| edges.include?(edge) ? 0.0 : @seam }
      end

      private

      # As it was cut, its tips on or off.
      def blunted(place)
        patch = @unit.patches[place]
        sharp = patch.outline.floating.offset(@seam)
        case @way.tips(patch)
        when :all then sharp
        when :none then sharp.inside(unfinished) || sharp
        else banded(patch) || sharp
        end
      end

      # The strip took off a tip: where more of it lies past the unit.
      def banded(patch)
        lying = patch.shape.lying.first
        cut = patch.shape.cut_from_strip(lying, @way.seam).floating
        placed = lying.floating.placements(patch.outline.floating).map { |place| place.call(cut) }
        placed.max_by { |one| one.shared_area(unfinished) }
      end

      def unfinished
        @unit.unfinished_outline(@seam)
      end
    end
  end
end
