# frozen_string_literal: true

module OakenGauge
  module Methods
    # Squares laid on the corners of a larger piece, sewn from corner to corner and flipped over. The
    # seam lies where the square's diagonal does, as far from the piece's corner as the square is large;
    # flipped, the square reaches back to that corner.
    module Flips
      # @return [Construction::CutPatch]
      def cut_patch(patch, skill)
        number = unit.patches.index { |one| one.equal?(patch) }
        number.zero? ? body(patch, skill) : corner(patch, number, skill)
      end

      # A square lies along its seam as its corner of the piece does. One that is too wide for its height
      # comes to lie skew when it is flipped: its corner as far out over the one side as it is in from the
      # other, its seam's ends where they were, so that each side lies off by half of that.
      # @return [Numeric]
      def lies_along(joint, skill)
        high, wide = square(frame.joints.index(joint) + 1, skill)
        at_corner(joint.normal, joint.along, skill) + ((wide - high) * (skew(joint.normal, joint.along) / 2))
      end

      # @return [Symbol] the line is drawn on the square
      def line_on(_joint)
        :second
      end

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

      def corner(patch, number, skill)
        cut = piece_of(patch.role)
        @corner ||= lying_in(patch.shape, due(cut), parts: [[0, 0], [1, 0], [0, 1]])
        held = @corner.call(*square(number, skill))
        Construction::CutPatch.new(pushes: held.pushes, ends: held.ends, stretch: held.stretch)
      end

      # The same square is asked for by the body, which has its seam from it, and by itself.
      def square(number, skill)
        skill.once([:square, number]) { skill.piece(piece_of(unit.patches[number].role)) }
      end

      def body(_patch, skill)
        pushes = frame.edges.first.map { |edge| push(edge, skill) }.rotate(-frame.turn(0))
        Construction::CutPatch.new(pushes: pushes, stretch: pushes.map { 0.0 })
      end

      def push(edge, skill)
        number = frame.joints.index { |joint| joint.first.any? { |own, _| own.equal?(edge) } }
        outside = at_corner(edge.normal, edge.normal, skill)
        number ? outside - too_large(number + 1, skill) : outside
      end

      # How far a side or a corner of the piece, the one that lies this way, has moved in a direction: what
      # the piece is too large lies half on either side.
      def at_corner(way, direction, skill)
        excess(skill).zip(way.rect, direction.rect).sum { |over, out, share| (over / 2) * (out.abs < Plane::SAME ? 0 : out <=> 0) * share }
      end

      # What a piece would be that is not cut large.
      def due(cut)
        cut.exact.map { |side| side - larger }
      end

      # In over one side, out over the other, seen along the seam.
      def skew(normal, along)
        ((normal.imag <=> 0) * along.imag) - ((normal.real <=> 0) * along.real)
      end

      # What the piece is too wide and too high.
      def excess(skill)
        cut = piece_of(unit.patches.first.role)
        skill.once(:body) { skill.piece(cut).zip(due(cut)).map { |side, exact| side - exact.to_f }.reverse }
      end

      # How much farther in a square's diagonal lies for what it is too large.
      def too_large(number, skill)
        exact = due(piece_of(unit.patches[number].role)).sum.to_f
        (square(number, skill).sum - exact) / 2 / SQRT2
      end
    end
  end
end
