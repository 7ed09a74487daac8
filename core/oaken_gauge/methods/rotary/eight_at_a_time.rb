# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two large squares, both diagonals drawn on one, sewn either side of both; cut across and down
      # the middle first, then on the lines. Each quarter is a two-at-a-time square, so the large
      # square is twice that square's exact side, rounded once.
      class EightAtATime < Method
        title "Eight at a time"
        makes :half_square
        per_set 8
        rebuilding Rebuilding::EightAtATime
        drawn_as StepDrawings::Eight

        cut(:light, then_do: :mark_both_diagonals, marks: EIGHTHS) { half_square_piece(unit.finished).map { |side| 2 * side } }
        cut(:dark, then_do: :pair, marks: EIGHTHS) { half_square_piece(unit.finished).map { |side| 2 * side } }

        step(:mark_both_diagonals) { [makes.sets, { on: :light }] }
        step(:sew_beside_line) { [4 * makes.sets, { size: seam, length: cut_side * SQRT2 }] }
        step(:cut_middle) { 2 * makes.sets }
        step(:cut_on_line) { 4 * makes.sets }
        step(:press_to_dark) { makes.made }

        # The square is quartered before the diagonals are cut: no ruler has to reach across all of it but for the line.
        # @return [Array<Tools::Setting>]
        def settings
          @settings ||= cuts.flat_map { |cut| Settings::Rulers.new(self).settings(cut.size) }.uniq
        end
      end
    end
  end
end
