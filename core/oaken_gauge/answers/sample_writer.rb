# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what came of making units at random, beside the budget's figures.
    class SampleWriter
      # @param outcome [Weighing::Outcome]
      # @param count [Integer] units
      # @param seed [Integer]
      def initialize(outcome, count:, seed:)
        @sampling = outcome.way.sample(count: count, seed: seed)
      end

      # @return [Hash]
      def write
        { "count" => @sampling.count, "seed" => @sampling.seed, **@sampling.figures.to_h { |name, figure| [name.to_s, figure.round(6)] },
          "all_good" => @sampling.all_good.round(6), "agrees" => @sampling.agrees? }
      end
    end
  end
end
