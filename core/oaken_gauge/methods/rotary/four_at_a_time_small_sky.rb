# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # One goose square and four sky squares. Two skies lie in opposite corners of the goose, sewn
      # either side of the diagonal through both, cut; each half takes one more sky in its corner, sewn
      # and cut the same way. No waste beyond the tips, and no bias exposed.
      class FourAtATimeSmallSky < Method
        title "Four at a time, small sky squares"
        makes :flying_geese
        per_set 4
        large_square :goose
        rebuilding Rebuilding::SmallSky
        drawn_as StepDrawings::SmallSky

        cut(:goose, then_do: :lay_under, marks: BOTH_DIAGONALS) { quarter_square_piece(unit.width) }
        cut(:sky, per_set: 4, then_do: :mark_diagonal, marks: DIAGONAL) { half_square_piece(unit.height) }

        step(:mark_diagonal) { [4 * makes.sets, { on: :sky }] }
        step(:lay_on) { [2 * makes.sets, { on: "sky squares" }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side(:goose) * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_to_sky) { 2 * makes.sets }
        step(:lay_on) { [2 * makes.sets, { on: "sky squares" }] }
        step(:sew_beside_line) { [4 * makes.sets, { size: seam, length: cut_side(:sky) * SQRT2 }] }
        step(:cut_on_line) { 2 * makes.sets }
        step(:press_to_sky) { makes.made }
      end
    end
  end
end
