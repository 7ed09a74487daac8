# frozen_string_literal: true

module OakenGauge
  module Units
    # A square standing on its corner in a square of finished side f. The centre's side is f/√2, which
    # is on no ruler; the corners are half-square triangles of leg f/2.
    class SquareInSquare < Unit
      title "square-in-a-square unit"
      roles :center, :corners
      common 6
      finishes
      counted
      on_square_cells(&:even?)
      starter({ "finished" => "4", "count" => 12 })
      engineered true

      # @return [Array<Patch>]
      def patches
        @patches ||= begin
          far = finished
          half = far/2r
          corner = Patches::HalfSquare.new(half)
          [patch(:center, Patches::Square.new(far / SQRT2), [half, 0], [far, half], [half, far], [0, half]),
           patch(:corners, corner, [0, 0], [half, 0], [0, half]), patch(:corners, corner, [far, 0], [far, half], [half, 0]),
           patch(:corners, corner, [far, far], [half, far], [far, half]), patch(:corners, corner, [0, far], [0, half], [half, far])]
        end
      end

      # @return [Array] two opposite corners, then the other two
      def joins
        [[[0], [1]], [[0], [3]], [[0], [2]], [[0], [4]]]
      end
    end
  end
end
