# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Two squares right sides together, sewn beside a diagonal, cut on it and opened: a half-square triangle unit.
    class Squares < AtTheMat
      # A square of two triangles, open. - first: the left and low sides of the square that the line is drawn on; - second:
      # the top and right sides, of the other; - seam: with the first to its left
      Opened = Struct.new(:first, :second, :seam, keyword_init: true) do
        # @return [Line] from where the sides of the first meet to where those of the second do
        def across
          Line.new(first.first.meet(first.last), second.first.meet(second.last))
        end

        # @param middle [Complex] about its middle, inches
        # @return [Array<Numeric>] height and width there, inches
        def size_at(middle)
          [[first.last, second.first, 1i], [first.first, second.last, 1.0]].map do |near, far, way|
            near.beyond(middle, -way) + far.beyond(middle, way)
          end
        end
      end

      private

      def sewn
        opened = opened(*@method.unit.class.roles)
        side = @method.cut_side.to_f
        place([side, side * 1i, 0i], ends(@frame.joints.first))
        sides(0, *opened.first)
        sides(1, *opened.second)
        seam(0, opened.seam)
      end

      # The square at the low left corner of the line from the right down to the top left.
      # @return [Opened]
      def opened(one, other)
        left, low, right, top = rectangle(*piece(one))
        line = Line.new(right.from, top.to)
        seam = line.inward(deep)
        its_left, its_low, = laid_on([left, low, right, top], piece(other), line)
        Opened.new(first: [left, low], second: [its_left.over(seam), its_low.over(seam)], seam: seam)
      end
    end
  end
end
