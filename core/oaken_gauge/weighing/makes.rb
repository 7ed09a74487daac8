# frozen_string_literal: true

module OakenGauge
  module Weighing
    # How many units come out of whole sets.
    #
    # - per_set: units that one set gives
    # - needed: units wanted
    # - hands: {left:, right:} wanted, for units that have a hand
    # - pairs: whether a set always gives one of each hand
    Makes = Struct.new(:per_set, :needed, :hands, :pairs, keyword_init: true) do
      # @return [Integer] rounded up: a set is made whole or not at all
      def sets
        pairs ? hands.values.max : (needed / per_set.to_r).ceil
      end

      # @return [Integer]
      def made
        sets * per_set
      end

      # @return [Integer] beyond the demand
      def surplus
        made - needed
      end

      # @return [Hash{Symbol => Hash}, nil] :made and :surplus of each hand
      def by_hand
        hands&.transform_values { |wanted| { made: pairs ? sets : wanted, surplus: pairs ? sets - wanted : 0 } }
      end
    end
  end
end
