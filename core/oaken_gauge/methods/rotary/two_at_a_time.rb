# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two squares right sides together, sewn either side of one diagonal, cut on it.
      class TwoAtATime < Method
        title "Two at a time"
        makes :half_square
        per_set 2
        rebuilding Rebuilding::Squares
        drawn_as StepDrawings::Squares

        cut(:light, then_do: :mark_diagonal, marks: DIAGONAL) { half_square_piece(unit.finished) }
        cut(:dark, then_do: :pair, marks: DIAGONAL) { half_square_piece(unit.finished) }

        step(:mark_diagonal) { [makes.sets, { on: :light }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_to_dark) { makes.made }
      end
    end
  end
end
