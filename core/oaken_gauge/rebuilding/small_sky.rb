# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Sky squares in the corners of a goose square, one line after another: the unit on the low side of the goose. Lines are
    # drawn on the sky, so that a sky that is laid off its corner takes its seam along.
    class SmallSky < AtTheMat
      # @return [Float] how far a figure may lie off the budget's, in which a sky out of square does not turn, inches
      def turns
        0.01
      end

      private

      def sewn
        goose = rectangle(*piece(:goose))
        show
        sides(0, goose[1])
        # In the low left corner, its line up to the right; then in the low right one, its line up to the left.
        left(*piece(:sky), laid_at(goose[1].from, 1 + 1i))
        right(*piece(:sky), laid_at(goose[1].to, -1 + 1i))
      end

      def show
        wide = @method.piece_of(:goose).size.last.to_f
        unit = @method.unit
        place([0i, Complex(wide, 0), Complex(0, 1)], [Complex(0.0, -@seam), Complex(unit.width.to_f, -@seam), Complex(0.0, 1)])
      end

      # Flush in a corner, a little off along its line and across.
      def laid_at(corner, toward)
        corner + (toward / toward.abs * (skill.laid + (skill.laid * 1i)))
      end

      def left(wide, high, corner)
        _, low, side, = rectangle(wide, high, corner)
        opened(1, [low, side], Line.new(corner, side.to).inward(-deep).back)
      end

      def right(wide, high, corner)
        side, low, = rectangle(wide, high, corner - wide)
        opened(2, [low, side], Line.new(corner, side.from).inward(deep))
      end

      # Its low side becomes that of the unit, the other one its top.
      def opened(patch, sides, fold)
        sides(patch, *sides.map { |side| side.over(fold) })
        seam(patch - 1, fold)
      end
    end
  end
end
