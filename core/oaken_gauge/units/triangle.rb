# frozen_string_literal: true

module OakenGauge
  module Units
    # One right triangle with two equal sides, for the edge or a corner of a setting. Its straight grain lies on the legs,
    # which it is named by then, or on the long side.
    class Triangle < Unit
      title "setting triangle"
      roles :patch
      common 12
      sized_by :grain
      finishes "Finished leg, or long side"
      counted
      choice :grain, { "legs" => "the legs", "long_side" => "the long side" }, label: "Straight grain on",
                                         meaning: "Where it lies along the edge of the quilt; it is named by that side."
      starter({ "finished" => "12", "grain" => "long_side", "count" => 10 })

      # @return [Polygon]
      def outline
        @outline ||= Polygon.new(grain == :legs ? [[0, 0], [finished, 0],
                                                   [0, finished]] : [[0, 0], [finished, 0], [finished/2r, finished/2r]])
      end

      # @return [Array<Patch>]
      def patches
        @patches ||= begin
          shape = grain == :legs ? Patches::HalfSquare.new(finished) : Patches::QuarterSquare.new(finished)
          [Patch.new(role: :patch, shape: shape, outline: outline)]
        end
      end

      # @return [Array<Numeric>] height and width of what it fits in, inches
      def side_lengths
        [outline.height, outline.width]
      end

      # @return [Rational] the side it is named by
      def measure_on_beam
        finished
      end
    end
  end
end
