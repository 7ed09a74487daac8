# frozen_string_literal: true

module OakenGauge
  module Methods
    module Die
      # Every patch from a die, its corners notched so that it can only lie the right way.
      class Patches < DieMethod
        title "Single patches, die cut"
        makes :half_square

        step(:cut_blank) { pieces_cut }
        step(:die_pass) { passes }
        step(:sew_long_side) { [unit.count, { length: patch_piece.first * SQRT2 }] }
        step(:press_to_dark) { unit.count }
      end
    end
  end
end
