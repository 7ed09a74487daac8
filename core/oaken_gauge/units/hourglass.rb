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
      on_square_cells
      starter({ "finished" => "4", "count" => 12 })

      # Of its four fabrics any may be the same but neighbours two and two: those are two triangles, or one square.
      def self.of_these?(names)
        top, right, bottom, left = names
        [[top, right, bottom, left], [right, bottom, left, top]].none? { |one, two, three, four| one == two && three == four }
      end

      # Each quarter turn names the next fabric first.
      # @return [Array<Array(Hash, Boolean)>]
      def self.namings(fabrics, mirror)
        round = %i[light dark light_2 dark_2]
        names = [fabrics[:light], fabrics[:dark], fabrics.fetch(:light_2) { fabrics[:light] }, fabrics.fetch(:dark_2) { fabrics[:dark] }]
        (0..3).map { |turn| [round.zip(names.rotate(turn)).to_h, mirror] }
      end

      # @return [Array<Symbol>]
      def seats
        %i[light_2 light dark dark_2]
      end

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
