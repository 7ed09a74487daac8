# frozen_string_literal: true

module OakenGauge
  module Units
    # A square of two half-square triangles, light above the diagonal and dark below it.
    class HalfSquare < Unit
      title "half-square triangle unit (HST)", "half-square triangle units (HST)"
      roles :light, :dark
      common 1
      finishes
      counted
      on_square_cells
      starter({ "finished" => "2", "count" => 24 })

      # Half a turn makes the light one dark.
      # @return [Array<Array(Hash, Boolean)>]
      def self.namings(fabrics, mirror)
        [[fabrics, mirror], [{ light: fabrics[:dark], dark: fabrics[:light] }, mirror]]
      end

      # @return [Array<Patch>]
      def patches
        @patches ||= [patch(:light, shape, [0, 0], [finished, finished], [0, finished]),
                      patch(:dark, shape, [0, 0], [finished, 0], [finished, finished])]
      end

      # @return [Array] the diagonal
      def joins
        [[[0], [1]]]
      end

      private

      def shape
        @shape ||= Patches::HalfSquare.new(finished)
      end
    end
  end
end
