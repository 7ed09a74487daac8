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
        drawn_as StepDrawings::Four

        cut(:light, :dark, then_do: :sew_round, marks: BOTH_DIAGONALS) { [(SQRT2 * (unit.finished + (2 * seam))) + (2 * seam)] * 2 }

        step(:sew_round) { [makes.sets, { size: seam, length: 4 * cut_side }] }
        step(:cut_apart) { makes.sets }
        step(:press_to_dark) { makes.made }

        # @return [Boolean] what is cut at once cannot slide
        def matched?
          false
        end
      end
    end
  end
end
