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

        # The goose is a quarter of its square, and the square's corners tell where its sides begin. A sky lies flush in
        # such a corner: opened, its side there is where the goose's was, and what it is too large stands out on top.
        # @return [Construction::CutPatch]
        def cut_patch(patch, skill)
          patch.role == :goose ? goose(patch, skill) : sky(unit.patches.index { |one| one.equal?(patch) }, skill)
        end

        # @return [Symbol] the line is drawn on the sky
        def line_on(_joint)
          :second
        end

        # A sky is laid in a corner of the goose square, which becomes a corner of the unit.
        # @return [Boolean]
        def matched_at?(_joint, point)
          !unit.frame.corner_at(point).nil?
        end

        private

        def goose(patch, skill)
          @goose ||= lying_in(patch.shape, piece_of(:goose).exact, led: :corner)
          @goose.call(*skill.piece(piece_of(:goose)))
        end

        def sky(number, skill)
          cut = piece_of(:sky)
          too_large = skill.piece(cut).last - cut.exact.last.to_f
          pushes = unit.frame.edges[number].map { |edge| on_top?(edge) ? too_large : 0.0 }
          Construction::CutPatch.new(pushes: pushes.rotate(-unit.frame.turn(number)), stretch: pushes.map { 0.0 })
        end

        def on_top?(edge)
          unit.frame.outer.include?(edge) && Plane.same?(edge.normal, 1i)
        end
      end
    end
  end
end
