# frozen_string_literal: true

module OakenGauge
  module Comparing
    # In a word, why a method stands below the one above it; {Reasons} says it in sentences.
    module Verdict
      FIRST = "best"
      # What stands below another only because makers prefer that one is close.
      CLOSE = "close"
      WORDS = { habit: "not yours", beaten: "beaten", fabric: "wasteful", time: "slower", accuracy: "rougher", surplus: "extras",
                ease: "harder" }.freeze

      # @param outcome [Weighing::Outcome] one that was ranked
      # @return [String]
      def self.of(outcome)
        outcome.rank == 1 ? FIRST : WORDS.fetch(outcome.below_for, CLOSE)
      end
    end
  end
end
