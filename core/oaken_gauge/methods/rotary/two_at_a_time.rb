# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two squares right sides together, sewn either side of one diagonal, cut on it.
      class TwoAtATime < RotaryMethod
        title "Two at a time"
        makes :half_square
        per_set 2

        cut(:light, then_do: :mark_diagonal, marks: DIAGONAL) { patch_piece }
        cut(:dark, then_do: :pair, marks: DIAGONAL) { patch_piece }

        step(:straighten) { strips_taken }
        step(:cut_strip) { [strips_to_cut, { size: strip_size }] }
        step(:subcut) { [pieces_cut, { size: cut_side }] }
        step(:mark_diagonal) { [makes.sets, { on: :light }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_to_dark) { makes.made }
      end
    end
  end
end
