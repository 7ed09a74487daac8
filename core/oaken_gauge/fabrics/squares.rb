# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # Precut squares of one side.
    class Squares < Fabric
      common 3

      # What is taken of it is counted in these.
      COUNTED = "precut square"

      length :side, most: 200, label: "Side"
      integer :count, within: 1..100_000, default: nil, label: "How many"
      besides

      # @return [Array] width, length and count of each size of fabric
      def rectangles
        [[side, side, count]]
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(side, measure)} squares"
      end
    end
  end
end
