# frozen_string_literal: true

module OakenGauge
  module Methods
    # Squares laid on the corners of a larger piece, sewn from corner to corner and flipped over. The
    # seam lies where the square's diagonal does, as far from the piece's corner as the square is large;
    # flipped, the square reaches back to that corner.
    module Flips
      # @return [Integer] a square that is flipped has none
      def dog_ears(_round)
        0
      end

      # A square that overlaps one before it waits until that one was pressed open.
      # @return [Array<Step>]
      def making_steps
        frame.rounds(seam).flat_map { |joints| flip_steps(joints.size * unit.count) }
      end

      # A corner that is flipped leaves the piece as large as it was; one that was cut large is trimmed at the end.
      # @return [Array<Numeric>]
      def size_after(round)
        round == rounds ? unfinished : piece_of(unit.patches.first.role).size
      end

      private

      def flip_steps(count)
        role = unit.patches.last.role
        length = cut_side(role) * SQRT2
        [step(:mark_diagonal, count, on: role == :corners ? "corner" : role), step(:sew_on_line, count, length: length),
         *bonus_steps(count, length), step(:cut_corner_off, count, size: seam), step(opening, count)]
      end

      def bonus_steps(_count, _length)
        []
      end

      def opening
        :press_seam
      end

      def frame
        unit.frame
      end
    end
  end
end
