# frozen_string_literal: true

module OakenGauge
  module Units
    # A rectangle twice as wide as high: one large triangle, the goose, and two small ones, the sky.
    class FlyingGeese < Unit
      extend Sided

      title "flying geese unit"
      roles :goose, :sky
      measure "Finished height"
      starter({ "finished" => %w[2 4], "count" => 24 })

      # @return [Array<Patch>]
      def patches
        @patches ||= begin
          height, width = finished
          sky = Patches::HalfSquare.new(height)
          [patch(:goose, Patches::QuarterSquare.new(width), [0, 0], [width, 0], [height, height]),
           patch(:sky, sky, [0, 0], [height, height], [0, height]), patch(:sky, sky, [width, 0], [width, height], [height, height])]
        end
      end

      # @return [Array] one sky, then the other
      def joins
        [[[0], [1]], [[0], [2]]]
      end

      # @return [Rational] the height, which is the leg of the sky
      def height
        finished.first
      end

      # @return [Rational] the width, which is the long side of the goose
      def width
        finished.last
      end

      def self.check_sides(node, (height, width))
        return if width == 2 * height

        node.fault("finished", "is #{node['finished']}: allowed is [height, width], the width twice the height")
      end
      private_class_method :check_sides
    end
  end
end
