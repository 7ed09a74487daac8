# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Two strips right sides together, cut into pairs of triangles that are ready to sew: nothing has
      # to be matched up again.
      class StripPair < PatchesMethod
        title "Strip pair with a triangle ruler"
        makes :half_square
        cutters Cutters::Strip

        # @return [Array<Step>] one cut for both strips of a pair
        def cutting_steps
          [*strip_steps, step(:lay_strips, pairs), step(:cut_edge, pairs),
           step(:cut_triangle, unit.count, on: "pairs from the strips, #{turning(:light)}")].compact
        end

        # @return [Array<Step>]
        def making_steps
          [step(:sew_long_side, unit.count, size: seam, length: (unit.finished + (2 * seam)) * SQRT2), step(:press_to_dark, unit.count)]
        end

        # Both layers are cut at once, and lie as they will be sewn.
        # @return [Construction::CutPatch]
        def cut_patch(patch, skill)
          pair = skill.once(:pair) { Array.new(2) { skill.spread(:cut_triangle, :triangle_ruler) } }
          cutter(patch.shape).cut_patch(patch.role, skill, slants: pair.dup)
        end

        # @return [Boolean]
        def matched?
          false
        end

        private

        def pairs
          allocations.values.map(&:taken).max
        end
      end
    end
  end
end
