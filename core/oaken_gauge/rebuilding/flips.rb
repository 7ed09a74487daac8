# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Squares laid on the corners of a larger piece, sewn from corner to corner on the line drawn on them and flipped: what
    # lies inside of the line comes to lie outside.
    class Flips < AtTheMat
      # @return [Float] how far a figure may lie off the budget's, in which what is flipped leans at its corners less, inches
      def turns
        0.003
      end

      private

      def sewn
        lay_body
        @frame.joints.each_with_index { |joint, number| flip(joint, number) }
      end

      # Where no square is flipped yet, the body's own sides are.
      def on_the_way(round, piece)
        lay_body
        done = @frame.rounds(@method.seam).first(round).flatten
        @frame.joints.each_with_index { |joint, number| done.include?(number) ? flip(joint, number) : sides(number + 1, *@body) }
        made.sides(made.sizes).zip(larger(piece)).map { |off, larger| off - larger }
      end

      # What it is cut larger than the finished unit with its allowances.
      def larger(piece)
        piece.zip(@method.unit.side_lengths).map { |side, finished| side - finished.to_f - (2 * @seam) }
      end

      def lay_body
        @placed = lambda(&:itself)
        @body = body(*piece(@method.unit.class.roles.first))
        sides(0, *@body)
      end

      def body(wide, high)
        tall, broad = @method.unit.side_lengths.map(&:to_f)
        rectangle(wide, high, ((broad - wide) / 2.0) + ((tall - high) * 0.5i))
      end

      # In the corner that the seam cuts off: what lies inside of the fold comes to lie outside.
      def flip(joint, number)
        square = in_corner(joint, *piece(@method.unit.patches[number + 1].role))
        fold = diagonal(square, joint).inward(skill.depth + (skill.pressed / 2))
        sides(number + 1, *inner(square, joint).map { |side| side.over(fold) })
        seam(number, fold)
      end

      def inner(square, joint)
        square.select { |side| Plane.dot(side.heading * -1i, joint.normal).negative? }
      end

      # The two corners of the square that the seam runs through, along it.
      def diagonal(square, joint)
        ends = square.map(&:from).sort_by { |corner| Plane.dot(first(corner), joint.along) }
        Line.new(ends.first, ends.last)
      end

      # Its own corner on that of the body, a little off.
      def in_corner(joint, wide, high)
        corner = outermost(@body, joint) - outermost(rectangle(wide, high), joint)
        rectangle(wide, high, corner + (joint.normal * skill.laid) + (joint.along * skill.laid))
      end

      def outermost(sides, joint)
        sides.map(&:from).max_by { |corner| Plane.dot(first(corner), joint.normal) }
      end

      # Of many units the first: they hardly differ.
      def first(point)
        point.is_a?(Numeric) ? point : point[0]
      end
    end
  end
end
