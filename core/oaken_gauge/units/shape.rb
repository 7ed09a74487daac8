# frozen_string_literal: true

module OakenGauge
  module Units
    # A patch of any simple outline: a setting triangle, a trapezoid, a template's shape.
    class Shape < Unit
      title "shape"
      roles :patch
      common 11
      measure "Finished height"
      sized_by :outline
      field :outline, Documents::OutlineType.new, label: "Finished corners, counter-clockwise: x, y; x, y; …"
      counted
      starter({ "outline" => [%w[0 0], %w[4 0], %w[3 2], %w[1 2]], "count" => 12 })

      # It has no size by one name.
      # @return [nil]
      def finished
        nil
      end

      # @return [Array<Patch>]
      def patches
        @patches ||= [Patch.new(role: :patch, shape: Patches.recognise(outline), outline: outline)]
      end

      # @return [Array<Numeric>] height and width of what it fits in, inches
      def side_lengths
        [outline.height, outline.width]
      end
    end
  end
end
