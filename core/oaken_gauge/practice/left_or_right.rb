# frozen_string_literal: true

module OakenGauge
  module Practice
    # A three-triangle unit, turned any way: is it a left or a right one?
    class LeftOrRight < Drill
      title "Left or right?"
      common 4

      # @return [Question] with the unit: patches:, each a fabric and corners in parts of its side, upward
      def question
        hand = pick(%w[left right])
        turns = pick([0, 1, 2, 3])
        ask("The dotted fabric is called left. Which hand is this unit?", "A #{hand} unit", ["A left unit", "A right unit"],
            because: "Turn it until the long seam is level and the large triangle is below: the fabric called left is then on the #{hand}.",
            picture: { patches: patches(hand == "right", turns) })
      end

      private

      # As {Units::ThreeTriangle} lies: the long seam slanted, half below right, for a left unit.
      def patches(mirrored, turns)
        unit = Units::ThreeTriangle.new(finished: 1r, hands: { left: 1, right: 0 })
        unit.patches.map { |patch| [patch.role, patch.outline.corners.map { |x, y| turned(mirrored ? 1 - x : x, y, turns) }] }
      end

      # Quarter turns clockwise round the middle.
      def turned(x, y, turns)
        turns.zero? ? [x, y] : turned(y, 1 - x, turns - 1)
      end
    end
  end
end
