# frozen_string_literal: true

module OakenGauge
  module Units
    # Half of a web block of side L, cut corner to corner: two wedges with sides of L/√2 at its sharp
    # corners, and a kite at its right angle.
    class WebHalf < Unit
      title "half of a web block", "halves of web blocks"
      roles :wedge, :kite
      common 10
      finishes "Block side"
      counted
      starter({ "finished" => "8", "count" => 8 })

      # @return [Polygon] a right triangle
      def outline
        @outline ||= Polygon.new([[0, 0], [finished, 0], [0, finished]])
      end

      # @return [Array<Patch>]
      def patches
        @patches ||= begin
          far = finished.to_f
          near = far * (1 - (1 / SQRT2))
          middle = [far / 2, far / 2]
          wedge = Patches::Wedge.new(far / SQRT2 * Math.cos(Patches::Wedge::HALF_ANGLE))
          [patch(:wedge, wedge, [far, 0.0], middle, [near, 0.0]), patch(:wedge, wedge, middle, [0.0, far], [0.0, near]),
           patch(:kite, Patches::Kite.new(finished), [0.0, 0.0], [near, 0.0], middle, [0.0, near])]
        end
      end

      # @return [Array] one wedge to the kite, then the other
      def joins
        [[[2], [0]], [[2], [1]]]
      end
    end
  end
end
