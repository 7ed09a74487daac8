# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Two large squares sewn beside both diagonals, cut through the middle, then on the lines: the unit below the diagonal of
    # the low left quarter. The cut down the middle goes through both fabrics.
    class EightAtATime < AtTheMat
      # @return [Float] how far a figure may lie off the budget's, in which the lower square is cut just as the upper, inches
      def turns
        0.008
      end

      private

      def sewn
        under, over, near = laid
        show
        down = Line.new(middle_of(under), middle_of(under) + 1i).inward(-skill.spread(:cut_middle, :ruler_main))
        sides(0, under[1], down)
        sides(1, over[1].over(near), down.over(near))
        seam(0, near)
      end

      def show
        half = @method.cut_side.to_f / 2
        place([0i, Complex(half, half), Complex(half, 0)], ends(@frame.joints.first))
      end

      # Both squares, and the seam below the line.
      def laid
        one, other = @method.unit.class.roles.map { |role| piece(role) }
        under = rectangle(*one)
        line = Line.new(under[1].from, under[3].from)
        [under, laid_on(under, other, line), line.inward(-deep).back]
      end
    end
  end
end
