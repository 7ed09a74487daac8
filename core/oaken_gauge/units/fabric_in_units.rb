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

      # The same of a patch that a square was flipped for: it reaches no further than its square. One that was cut larger
      # lies with its middle where it should, and takes off less of the tip: with a margin m the triangle that is missing there
      # has legs of √2·s - m/2.
      #
      # @param patch [Patch]
      # @param seam [Numeric] inches
      # @param margin [Numeric] what the square was cut larger, inches
      # @return [Float] square inches
      def fabric_in_flipped_patch(patch, seam, margin = 0)
        frame.known.fetch([:flipped, place_of(patch), seam, margin]) do
          square = square(patch, seam + (margin / 2.0))
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

      # Of a patch that is not its own mirror image, how many of all units lie as it was cut, and how many are its mirror image.
      # @param role [Symbol]
      # @param shape [Patches::Shape]
      # @param seam [Numeric] inches
      # @return [Array(Integer, Integer), nil] nil where it is its own mirror image
      def hands_of(role, shape, seam)
        lying = shape.lying.first
        mirrored = frame.known.fetch([:hands, role, shape, seam]) { mirrored_of(role, shape, lying, seam) }
        each_hand(*mirrored) if mirrored.any?
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

      # A corner and two unlike sides, which show what was turned over.
      ONE_HAND = Polygon.new([[0, 0], [2, 0], [0, 1]])
      private_constant :ONE_HAND

      # @return [Array(Integer, Integer), Array] patches of one unit of either hand; none where they do not mind
      def mirrored_of(role, shape, lying, seam)
        cut = blunted(role, shape, lying, seam)
        return [] if same_turned?(cut, cut.mirror)
        return [1, 0] if patches.one?

        alike = patches_of(role).select { |patch| patch.shape == shape }
        as_cut = alike.count { |patch| as_cut?(patch, lying, cut, seam) }
        [as_cut, alike.size - as_cut]
      end

      def same_turned?(one, other)
        one.first_edge_on(other) && true
      rescue ArgumentError
        false
      end

      # Whether it lies there turned, but not turned over.
      def as_cut?(patch, lying, cut, seam)
        sharp = patch.shape.cut_from_strip(lying, seam)
        patch.outline.placements(lying).select { |place| same_turned?(ONE_HAND, place.call(ONE_HAND)) }.any? do |place|
          sharp.clip(place.call(unfinished_outline(seam))).any? { |way| same_turned?(way, cut) }
        end
      end

      def each_hand(as_cut, mirrored)
        return [as_cut * count, mirrored * count] unless hands

        [(as_cut * hands[:left]) + (mirrored * hands[:right]), (mirrored * hands[:left]) + (as_cut * hands[:right])]
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
