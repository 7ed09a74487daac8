# frozen_string_literal: true

module OakenGauge
  module Units
    # A square of four quarter-square triangles: light at top and bottom, dark at the sides.
    class Hourglass < Unit
      title "hourglass unit (QST)", "hourglass units (QST)"
      roles :light, :dark
      common 5
      finishes
      counted
      starter({ "finished" => "4", "count" => 12 })

      # @return [Array<Patch>]
      def patches
        @patches ||= begin
          far = finished
          middle = [far/2r, far/2r]
          shape = Patches::QuarterSquare.new(far)
          [patch(:light, shape, [0, 0], [far, 0], middle), patch(:light, shape, [far, far], [0, far], middle),
           patch(:dark, shape, [far, 0], [far, far], middle), patch(:dark, shape, [0, far], [0, 0], middle)]
        end
      end

      # @return [Array] two short seams, then the long one across
      def joins
        [[[0], [2]], [[1], [3]], [[0, 2], [1, 3]]]
      end
    end
  end
end
