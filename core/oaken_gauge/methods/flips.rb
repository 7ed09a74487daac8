# frozen_string_literal: true

module OakenGauge
  module Methods
    # Squares laid on the corners of a larger piece, sewn from corner to corner and flipped over. The
    # seam lies where the square's diagonal does, as far from the piece's corner as the square is large;
    # flipped, the square reaches back to that corner.
    module Flips
      # @return [Construction::CutPatch]
      def cut_patch(patch, hand)
        number = unit.patches.index { |one| one.equal?(patch) }
        number.zero? ? body(patch, hand) : corner(patch, number, hand)
      end

      private

      def frame
        unit.frame
      end

      def corner(patch, number, hand)
        cut = piece_of(patch.role)
        @corner ||= Construction::FromPiece.new(patch.shape, cut.exact, seam, parts: [[0, 0], [1, 0], [0, 1]])
        @corner.call(*square(number, hand))
      end

      # The same square is asked for by the body, which has its seam from it, and by itself.
      def square(number, hand)
        cut = piece_of(unit.patches[number].role)
        hand.once([:square, number]) { hand.piece(cut) }
      end

      def body(patch, hand)
        cut = piece_of(patch.role)
        off = hand.piece(cut).zip(cut.exact).map { |side, exact| side - exact.to_f }.reverse
        pushes = frame.edges.first.map { |edge| push(edge, off, hand) }.rotate(-frame.turn(0))
        Construction::CutPatch.new(pushes: pushes, stretch: pushes.map { 0.0 })
      end

      # What the piece is too large lies half on either side.
      def push(edge, off, hand)
        corner = [0, 1].sum { |axis| (off[axis] / 2) * edge.normal[axis].abs }
        number = frame.joints.index { |joint| joint.first.any? { |own, _| own.equal?(edge) } }
        number ? corner - too_large(number + 1, hand) : corner
      end

      # How much farther in a square's diagonal lies for what it is too large.
      def too_large(number, hand)
        exact = piece_of(unit.patches[number].role).exact.sum.to_f
        (square(number, hand).sum - exact) / 2 / SQRT2
      end
    end
  end
end
