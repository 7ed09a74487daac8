# frozen_string_literal: true

module OakenGauge
  module Methods
    # How many units come out of whole sets.
    #
    # - per_set: units that one set gives
    # - needed: units wanted
    # - hands: {left:, right:} wanted, for units that have a hand
    # - pairs: whether a set always gives one of each hand
    Makes = Struct.new(:per_set, :needed, :hands, :pairs, keyword_init: true) do
      # @return [Integer] rounded up: a set is made whole or not at all
      def sets
        @sets ||= pairs ? hands.values.max : needed.fdiv(per_set).ceil
      end

      # @return [Integer]
      def made
        sets * per_set
      end

      # @return [Integer] beyond the demand
      def surplus
        made - needed
      end

      # @return [nil] what else would be told of several methods together
      def shared_out
        nil
      end

      # @return [String] what a set makes, and what that leaves
      def say
        return "#{sets_needed}, #{Saying.many(surplus, 'extra unit')}." if surplus.positive?
        return "Makes just the one that is needed." if per_set == 1 && made == 1
        return "Makes just the #{made} that are needed, one by one." if per_set == 1

        "#{sets_needed}, no extra units."
      end

      # @return [String] how many sets, beside those of other methods
      def shortly
        return Saying.many(made, "single") if per_set == 1

        "#{Saying.many(sets, 'set')} of #{per_set}"
      end

      # @return [Hash{Symbol => Hash}, nil] :made and :surplus of each hand
      def by_hand
        hands&.transform_values { |wanted| { made: pairs ? sets : wanted, surplus: pairs ? sets - wanted : 0 } }
      end

      private

      def sets_needed
        "A set makes #{per_set}: #{Saying.form(sets, 'one set', "#{sets} sets")} for #{needed}"
      end
    end
  end
end
