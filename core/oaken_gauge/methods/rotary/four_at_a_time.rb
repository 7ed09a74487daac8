# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two squares sewn all round, cut on both diagonals: four units whose outer edges are all bias.
      # A quarter's outer side, the unfinished unit, is the half diagonal of the square inside the
      # seams, so the square is √2 (f + 2s) + 2s.
      class FourAtATime < Method
        title "Four at a time"
        makes :half_square
        per_set 4
        rebuilding Rebuilding::FourAtATime

        cut(:light, :dark, then_do: :sew_round, marks: BOTH_DIAGONALS) { [(SQRT2 * (unit.finished + (2 * seam))) + (2 * seam)] * 2 }

        step(:sew_round) { [makes.sets, { length: 4 * cut_side }] }
        step(:cut_apart) { makes.sets }
        step(:press_to_dark) { makes.made }

        # The seam lies along the square's side, the legs on its diagonals. Both fabrics are cut at once, so the second patch is
        # the first turned over.
        # @return [Construction::CutPatch]
        def cut_patch(patch, skill)
          cut = piece_of(unit.patches.first.role)
          @quarter ||= lying_in(patch.shape, cut.exact, parts: [[0.5, 0.5], [0, 0], [1, 0]])
          held = skill.once(:quarter) { @quarter.call(*skill.piece(cut), apart: skill.method(:apart)) }
          patch.equal?(unit.patches.first) ? held : held.turned_over
        end

        # @return [Boolean] what is cut at once cannot slide
        def matched?
          false
        end
      end
    end
  end
end
