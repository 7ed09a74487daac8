# frozen_string_literal: true

module OakenGauge
  module Projects
    # The stations of a project in the order of the work, each with what is open there; and what is next.
    #
    # @example
    #   Stations.new(quilt: true, units: 5, picked: 2, short: 0, counting: false).next_step["say"]   # => "pick a method for 3 units"
    class Stations
      # @param quilt [Boolean] whether it has one
      # @param units [Integer]
      # @param picked [Integer] of them, with a method
      # @param short [Integer, nil] fabrics that there is not enough of; nil before that was counted
      # @param counting [Boolean] whether that is being counted
      def initialize(quilt:, units:, picked:, short: nil, counting: false)
        @quilt = quilt
        @units = units
        @picked = picked
        @short = short
        @counting = counting
      end

      # @return [Array<Hash>] "station", "title", and "open": what is to be done there in a word or two, nil where nothing is
      def all
        [{ "station" => "quilt", "title" => "Quilt", "open" => (@quilt ? nil : "not set") },
         { "station" => "units", "title" => "Units", "open" => units_open },
         { "station" => "buy", "title" => "Buy", "open" => buy_open }]
      end

      # @return [Hash] "say" and "station"
      def next_step
        return begun if @units.zero?
        return { "say" => "pick a method for #{Saying.many(to_pick, 'unit')}", "station" => "units" } if to_pick.positive?
        return { "say" => "buy #{Saying.many(@short, 'fabric')}", "station" => "buy" } if @short.to_i.positive?

        { "say" => "cut and sew, step by step", "station" => "steps" }
      end

      private

      def begun
        @quilt ? { "say" => "weigh the units of its quilt", "station" => "quilt" } : { "say" => "add units", "station" => "units" }
      end

      def to_pick
        @units - @picked
      end

      def units_open
        return "none yet" if @units.zero?

        "#{to_pick} to pick" if to_pick.positive?
      end

      # What no method is picked for, and what no quilt counts, takes no fabric yet.
      def buy_open
        return "nothing yet" if @picked.zero? && !@quilt
        return "counting" if @counting || @short.nil?

        "#{@short} short" if @short.positive?
      end
    end
  end
end
