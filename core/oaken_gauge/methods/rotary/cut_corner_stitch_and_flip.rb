# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # A square with smaller squares sewn corner to corner on its corners and flipped.
      class CutCornerStitchAndFlip < Method
        include Flips

        title "Stitch and flip"
        technique "stitch_and_flip"
        makes :cut_corner
        rebuilding Rebuilding::Flips
        drawn_as StepDrawings::Flipped

        cut(:body, then_do: :lay_under) { rectangle_piece(unit.finished) }
        cut(:corners, per_set: -> { corners }, then_do: :mark_diagonal, marks: DIAGONAL) { rectangle_piece(unit.corner) }

        # Squares that are flipped reach no further than they were cut.
        # @return [Float] square inches of a fabric in one unit
        def fabric_of(role)
          role == :corners ? unit.patches_of(role).sum(0.0) { |patch| unit.fabric_in_flipped_patch(patch, seam, larger) } : super
        end

        # @return [Integer] corners of all units
        def corners
          unit.corners * unit.count
        end
      end
    end
  end
end
