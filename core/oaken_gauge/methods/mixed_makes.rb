# frozen_string_literal: true

module OakenGauge
  module Methods
    # How many units come out of several methods together.
    #
    # - parts: [Methods::Method]
    # - needed: units wanted
    # - hands: {left:, right:} wanted, for units that have a hand
    MixedMakes = Struct.new(:parts, :needed, :hands, keyword_init: true) do
      # @return [Integer] one mix is all of it
      def per_set
        1
      end

      # @return [Integer] of all sizes
      def sets
        parts.sum { |part| part.makes.sets }
      end

      # @return [Integer]
      def made
        parts.sum { |part| part.makes.made }
      end

      # @return [Integer] beyond the demand
      def surplus
        made - needed
      end

      # @return [Hash{Symbol => Hash}, nil] :made and :surplus of each hand
      def by_hand
        hands&.to_h do |hand, wanted|
          made = parts.sum { |part| part.makes.by_hand.fetch(hand)[:made] }
          [hand, { made: made, surplus: made - wanted }]
        end
      end

      # @return [Array<Array(String, Integer)>] each part's technique, and its sets
      def shared_out
        parts.map { |part| [part.class.technique, part.makes.sets] }
      end

      # @return [String] what is made of what
      def say
        sets = parts.map { |part| part.makes.shortly }
        "#{sets[..-2].join(', ')} and #{sets.last} #{surplus.zero? ? 'leave no extra units' : "leave #{surplus} extra"}."
      end
    end
  end
end
