# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two half-square triangle units, made two at a time from large squares, matched with opposite
      # colours facing; a line across the seam, sewn either side, cut. A square gives four patches.
      class HourglassTwoAtATime < Method
        title "Two at a time"
        technique "two_at_a_time"
        makes :hourglass
        per_set 2
        rebuilding Rebuilding::Hourglass
        drawn_as StepDrawings::AcrossSeams

        cut(:light, then_do: :mark_diagonal, marks: BOTH_DIAGONALS) { quarter_square_piece(unit.finished) }
        cut(:dark, then_do: :pair, marks: BOTH_DIAGONALS) { quarter_square_piece(unit.finished) }

        step(:mark_diagonal) { [makes.sets, { on: :light }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_to_dark) { 2 * makes.sets }
        step(:lay_opposites) { makes.sets }
        step(:mark_across_seam) { [makes.sets, { on: "pairs" }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_seam) { makes.made }

        # @return [Array<Numeric>] first the square of two triangles, then the unit
        def size_after(round)
          round == 1 ? opened_square(:light) : super
        end
      end
    end
  end
end
