# frozen_string_literal: true

module OakenGauge
  module Construction
    # A flying geese unit of the large sky method, made as it is at the machine: a goose square centred on
    # a sky square, sewn beside a diagonal, cut and opened; two such halves turned against one another,
    # outer edges together, sewn beside the line across, and opened. That gives two geese head to head; one
    # of them is measured.
    #
    # Drawn with the half's own corner at the origin, its goose to the right and above. The first seam is
    # the line x + y = first; folding over it takes a point (x, y) to (first - y, first - x). The seam
    # across is x - y = across; folding over it takes (x, y) to (y + across, x - across). The unit lies with
    # its goose's base to the right, its tip to the left.
    class LargeSkyPair < Assembly
      # @param draws [Draws]
      # @return [Measures]
      def call(draws)
        skill = Skill.new(@method, draws)
        @bias_edges = 0
        make(skill)
        measure(seams, outside, skill, Hash.new(0.0))
      end

      private

      def make(skill)
        goose, sky = %i[goose sky].map { |role| skill.piece(@method.piece_of(role)) }
        centre(goose, sky, skill)
        first, other = Array.new(2) { line - deep(skill) }
        lay(first, other, deep(skill) + (SQRT2 * skill.laid))
        @pressed = Array.new(2) { skill.pressed / SQRT2 }
      end

      # How far a seam lies off its line, seen along an axis.
      def deep(skill)
        SQRT2 * (seam + skill.depth)
      end

      # The goose's raw edges, how far in from the sky's.
      def centre(goose, sky, skill)
        @in_x, @in_y = [1, 0].map { |axis| ((sky[axis] - goose[axis]) / 2) + skill.laid }
        @goose = goose
      end

      # The goose's diagonal, which the line is drawn on: x + y.
      def line
        @in_x + @in_y + @goose.sum.then { |sides| sides / 2 }
      end

      # Where the goose's raw edges come to lie, and both geese's tips.
      def lay(first, other, across)
        @first = first
        @across = across
        @base = first - @in_y
        @tip = (first + across) / 2
        far = @base + (first - @in_x) - other
        @other_tip = (far + across) / 2
      end

      def seam
        @method.seam.to_f
      end

      def height
        @method.unit.height.to_f
      end

      # The unit's own place: its base lies an allowance in from the goose's raw edge.
      def foot
        @base - seam
      end

      def side
        foot - (SQRT2 * seam)
      end

      # The first seam is to the right of the goose, the one across to its left.
      def seams
        left, right = @frame.joints
        { left => (foot - side - @across) / SQRT2, right => (foot + side - @first - (2 * height)) / SQRT2 }.compare_by_identity
      end

      def outside
        @frame.outer.to_h { |edge| [edge, off(edge)] }.compare_by_identity
      end

      # The goose lies where it should; the tops are cut midway between both geese.
      def off(edge)
        return 0.0 if edge.patch.zero?
        return foot - ((@tip + @other_tip) / 2) - height - seam if edge.normal.imag > 0.5

        edge.normal.real.positive? ? raw_right : raw_left
      end

      # The sky of this half is raw along y = 0; that of the other along its right, folded over.
      def raw_right
        side - @pressed.first - (2 * height) - seam
      end

      def raw_left
        @base - @across - @pressed.last - side - seam
      end
    end
  end
end
