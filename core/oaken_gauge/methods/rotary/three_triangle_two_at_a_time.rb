# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # A half-square triangle unit of left and right, made large, laid on a square of the half; a line
      # across its seam, sewn either side, cut: one left and one right. Two such units come from one
      # square of left and one of right, and each takes a square of half.
      class ThreeTriangleTwoAtATime < Method
        title "Two at a time, a left and a right"
        technique "two_at_a_time"
        makes :three_triangle
        per_set 2
        rebuilding Rebuilding::ThreeTriangle
        drawn_as StepDrawings::AcrossSeams

        cut(:half, then_do: :lay_under, marks: DIAGONAL) { half_square_piece(unit.finished) }
        cut(:left, per_set: -> { paired_squares }, then_do: :mark_diagonal, marks: BOTH_DIAGONALS) { quarter_square_piece(unit.finished) }
        cut(:right, per_set: -> { paired_squares }, then_do: :pair, marks: BOTH_DIAGONALS) { quarter_square_piece(unit.finished) }

        step(:mark_diagonal) { [paired_squares, { on: :left }] }
        step(:sew_beside_line) { [2 * paired_squares, { size: seam, length: cut_side(:left) * SQRT2 }] }
        step(:cut_on_line) { paired_squares }
        step(:press_seam) { makes.sets }
        step(:lay_on) { [makes.sets, { on: "sewn squares" }] }
        step(:mark_across_seam) { [makes.sets, { on: "sewn squares" }] }
        step(:sew_beside_line) { [2 * makes.sets, { size: seam, length: cut_side(:half) * SQRT2 }] }
        step(:cut_on_line) { makes.sets }
        step(:press_toward) { [makes.made, { on: "to the half patch, where no seam lies" }] }

        # @return [Array<Numeric>] first the square of two triangles, then the unit
        def size_after(round)
          round == 1 ? opened_square(:left) : super
        end

        # @return [Makes] a set gives one of each hand
        def makes
          @makes ||= Makes.new(per_set: 2, needed: unit.count, hands: unit.hands, pairs: true)
        end

        # @return [Integer] squares of left, and as many of right: two sewn squares from each pair
        def paired_squares
          (makes.sets/2r).ceil
        end

        # @return [Array<Spare>] a sewn square too many holds two patches of left and of right
        def spares
          over = (2 * paired_squares) - makes.sets
          %i[left right].map { |role| Spare.new(role: role, shape: shape(role), count: 2 * over) }
                        .reject { |spare| spare.count.zero? }
        end
      end
    end
  end
end
