# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # A rectangle of goose and two squares of sky, sewn corner to corner a thread inside the line and
      # flipped; the corners behind are trimmed s past the seam and thrown away. When asked for, a
      # second seam is sewn first, and each corner gives a bonus half-square triangle unit: the corner
      # is the half beyond the second seam, a leg of h + 2s less √2 s for the seams' distance and
      # (2 + √2)s for its own allowances.
      class StitchAndFlip < Method
        include Flips

        title "Stitch and flip"
        makes :flying_geese
        rebuilding Rebuilding::Flips
        drawn_as StepDrawings::Flipped

        cut(:goose, then_do: :lay_under) { rectangle_piece(unit.height, unit.width) }
        cut(:sky, per_set: 2, then_do: :mark_diagonal, marks: DIAGONAL) { rectangle_piece(unit.height) }

        # Squares that are flipped reach no further than they were cut.
        # @return [Float] square inches of a fabric in one unit
        def fabric_of(role)
          role == :sky ? unit.patches_of(role).sum(0.0) { |patch| unit.fabric_in_flipped_patch(patch, seam, larger) } : super
        end

        # @return [Array<Spare>] the bonus units, patch by patch
        def spares
          return [] unless bonus.positive?

          shape = OakenGauge::Patches::HalfSquare.new(bonus)
          %i[goose sky].map { |role| Spare.new(role: role, shape: shape, count: 2 * unit.count) }
        end

        # A bonus unit is trimmed to the next line below what it comes out as.
        # @return [Rational] its finished leg, inches; 0 when none is asked for or none fits
        def bonus
          task.maker.bonus ? task.grid.floor([cut_off_leg, 0].max) : 0r
        end

        # @return [Array<Array(Symbol, String)>] what becomes of the bonus units, where there are any
        def remarks
          return [] unless bonus.positive?

          [[:bonus, "Every corner cut off gives a bonus HST: trim it to #{say(bonus + (2 * seam))} unfinished, #{say(bonus)} finished."]]
        end

        private

        # The half beyond the second seam, which runs two allowances outside the first.
        def cut_off_leg
          unit.height + larger + (2 * seam) - (SQRT2 * seam) - ((2 + SQRT2) * seam)
        end

        def bonus_steps(count, length)
          bonus.positive? ? [step(:sew_bonus, count, size: 2 * seam, length: length)] : []
        end

        def opening
          :press_to_sky
        end
      end
    end
  end
end
