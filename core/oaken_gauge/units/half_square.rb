# frozen_string_literal: true

module OakenGauge
  module Units
    # A square of two half-square triangles, light above the diagonal and dark below it.
    class HalfSquare < Unit
      title "half-square triangle unit"
      roles :light, :dark

      # @return [Array<Patch>]
      def patches
        @patches ||= [
          Patch.new(role: :light, shape: shape, outline: Polygon.new([[0, 0], [finished, finished], [0, finished]])),
          Patch.new(role: :dark, shape: shape, outline: Polygon.new([[0, 0], [finished, 0], [finished, finished]]))
        ]
      end

      # @return [Patches::HalfSquare] both patches have this shape
      def shape
        @shape ||= Patches::HalfSquare.new(finished)
      end
    end
  end
end
