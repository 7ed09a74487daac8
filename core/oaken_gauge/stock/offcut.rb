# frozen_string_literal: true

module OakenGauge
  module Stock
    # What is still worth a place on the shelf.
    module Offcut
      # Least shorter and longer side, inches.
      SHORTER = 3/2r
      LONGER = 2r

      # @return [Boolean]
      def self.worth_keeping?(one_side, other_side)
        shorter, longer = [one_side, other_side].minmax
        shorter >= SHORTER - Plane::SAME && longer >= LONGER - Plane::SAME
      end
    end
  end
end
