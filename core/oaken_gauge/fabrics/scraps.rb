# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # Scraps: rectangles of any size, one of each.
    class Scraps < Fabric
      common 5

      # What is taken of it is counted in these.
      COUNTED = "scrap"

      list :pieces, Documents::Measures::Pair.new(names: %w[Width Length], most: 10_000), within: 1..2000, label: "Sizes"
      besides

      # @return [Array] width, length and count of each size of fabric
      def rectangles
        @rectangles ||= pieces.tally.map { |(width, length), count| [width, length, count] }
      end

      # @return [String] for the words of a refusal
      def called(_measure)
        "scraps"
      end
    end
  end
end
