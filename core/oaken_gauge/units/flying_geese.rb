# frozen_string_literal: true

module OakenGauge
  module Units
    # A rectangle twice as wide as high: one large triangle, the goose, and two small ones, the sky.
    class FlyingGeese < Unit
      title "flying geese unit"
      roles :goose, :sky
      common 2
      finishes "Finished height", "Finished width"
      counted
      on_cells { |columns, rows| columns == 2 * rows ? [{ finished: [rows.to_r, columns.to_r] }] : [] }
      rule(:finished, say: lambda { |finished|
        "is #{finished.map { |side| Length.new(side).to_s }}: allowed is [height, width], the width twice the height"
      }) { |(height, width)| width == 2 * height }
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
    end
  end
end
