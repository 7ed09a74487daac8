# frozen_string_literal: true

module OakenGauge
  module Units
    # How much fabric a unit holds.
    module FabricInUnits
      # The fabric that one patch brings into the unit, allowances and all: its finished outline pushed
      # outward, less what sticks out past the unit.
      #
      # @param patch [Patch]
      # @param seam [Numeric] inches
      # @return [Float] square inches
      def fabric_in_patch(patch, seam)
        held(patch, seam).sum(0.0, &:area)
      end

      # The same of a patch that was cut from a strip, whose edges had blunted a tip: what was taken
      # off is not there. Where a tip may lie on either side, it lies where least of it is missed.
      #
      # @param patch [Patch]
      # @param seam [Numeric] inches
      # @param band [Patches::Band]
      # @return [Float] square inches
      def fabric_in_blunt_patch(patch, seam, band)
        frame.known.fetch([:blunt, place_of(patch), seam, band.low, band.high]) { blunt_area(patch, held(patch, seam), band) }
      end

      # The same of a patch that a square was flipped for: it reaches no further than its square.
      #
      # @param patch [Patch]
      # @param seam [Numeric] inches
      # @return [Float] square inches
      def fabric_in_flipped_patch(patch, seam)
        frame.known.fetch([:flipped, place_of(patch), seam]) do
          square = square(patch, seam)
          held(patch, seam).sum(0.0) { |part| part.inside(square)&.area || 0.0 }
        end
      end

      # @param role [Symbol]
      # @param seam [Numeric] inches
      # @return [Float] square inches of one fabric in one unit
      def fabric_of(role, seam)
        frame.known.fetch([:fabric_of, role, seam]) { patches_of(role).sum(0.0) { |patch| fabric_in_patch(patch, seam) } }
      end

      # A patch as cut with those of its dog ears off that stick out past the unit, where all patches of the fabric and
      # shape have the same ones.
      #
      # @param role [Symbol]
      # @param shape [Patches::Shape]
      # @param lying [Polygon] its finished outline as it lies on the fabric
      # @param seam [Numeric] inches
      # @return [Polygon] where it lies
      def blunted(role, shape, lying, seam)
        return shape.cut_from_strip(lying, seam) if patches.one? # nothing sticks out past what is the unit itself

        frame.known.fetch([:blunted, role, shape, lying.corners, seam]) { blunted_alike(role, shape, lying, seam) }
      end

      # @param seam [Numeric] inches
      # @return [Polygon] the unit before it is sewn to its neighbours
      def unfinished_outline(seam)
        (@unfinished ||= {})[seam] ||= outline.floating.offset(seam)
      end

      private

      # Cut for every patch of the role alike.
      def blunted_alike(role, shape, lying, seam)
        sharp = shape.cut_from_strip(lying, seam)
        alike = patches_of(role).select { |patch| patch.shape == shape }
        alike.map { |patch| blunted_ways(patch, lying, sharp, seam) }.inject { |all, ways| all.slice(*ways.keys) }.values.first || sharp
      end

      # What a patch brings into the unit; worked out once, whichever method asks.
      def held(patch, seam)
        ((@held ||= {}.compare_by_identity)[patch] ||= {})[seam] ||=
          frame.known.fetch([:held, place_of(patch), seam]) { patch.outline.floating.offset(seam).clip(unfinished_outline(seam)) }
      end

      def place_of(patch)
        patches.index { |one| one.equal?(patch) }
      end

      # What was laid on a corner before it was flipped, as large as its patch is both ways.
      def square(patch, seam)
        left, right, low, high = patch.outline.floating.bounds
        Polygon.rectangle(right - left, high - low).move(left, low).floating.offset(seam.to_f)
      end

      # By their corners, each as it comes out where the patch may lie either way.
      def blunted_ways(patch, lying, sharp, seam)
        ways = patch.outline.placements(lying).flat_map { |place| sharp.clip(place.call(unfinished_outline(seam))) }
        ways.to_h { |way| [way.corners.flatten.map { |number| number.to_f.round(6) }, way] }
      end

      def blunt_area(patch, parts, band)
        kept = patch.outline.floating.placements(band.outline.floating).map do |place|
          parts.sum(0.0) { |part| place.call(part).between(band.low, band.high)&.area || 0.0 }
        end
        kept.max || parts.sum(0.0, &:area)
      end
    end
  end
end
