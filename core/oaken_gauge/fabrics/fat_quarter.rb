# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # Fat quarters, 18 × 21 with their edges on, 17½ × 20 to use unless stated.
    class FatQuarter < Fabric
      common 4

      # What is taken of it is counted in these.
      COUNTED = "fat quarter"

      USABLE = [35/2r, 20r].freeze

      length :width, default: USABLE.first, most: 200, label: "Usable width"
      length :length, default: USABLE.last, most: 200, label: "Usable length"
      integer :count, within: 1..100_000, default: nil, label: "How many"
      besides

      # @return [Array] width, length and count of each size of fabric
      def rectangles
        [[width, length, count]]
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "fat quarters of #{Length.new(width, measure)} × #{Length.new(length, measure)}"
      end
    end
  end
end
