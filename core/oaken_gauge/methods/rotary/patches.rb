# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Every patch cut by itself, from squares cut corner to corner, and sewn one seam at a time.
      class Patches < RotaryMethod
        title "Single patches, rotary cut"
        makes :half_square

        step(:straighten) { strips_taken }
        step(:cut_strip) { [strips_to_cut, { size: strip_size }] }
        step(:subcut) { [pieces_cut, { size: cut_side }] }
        step(:cut_diagonal) { pieces_cut }
        step(:sew_long_side) { [unit.count, { length: patch_piece.first * SQRT2 }] }
        step(:press_to_dark) { unit.count }

        # @return [Array<Stock::Piece>] as many squares as give the patches needed
        def cuts
          @cuts ||= unit.class.roles.map do |role|
            count = (patches_needed(role) / shape(role).per_piece.to_r).ceil
            piece(role, patch_piece(role), count, then_do: shape(role).piece_then, marks: DIAGONAL)
          end
        end

        # @return [Hash{Symbol => Integer}] what the last square gives too many
        def spare_patches
          cuts.to_h { |cut| [cut.role, (cut.count * shape(cut.role).per_piece) - patches_needed(cut.role)] }
        end
      end
    end
  end
end
