# frozen_string_literal: true

module OakenGauge
  module Turning
    # Where another method takes the first place as more units are made. Counts by hand are scaled together, rounded up.
    class ByCount < ByValue
      private

      def values
        @range.to_a
      end

      def standing
        unit.count
      end

      def unit_at(count)
        return unit.with(**unit.class.so_many(count)) unless unit.hands

        unit.with(hands: unit.hands.transform_values { |own| (own * count.to_r / standing).ceil })
      end
    end
  end
end
