# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes a method's steps in the true order of work: round 0 is cutting patches, and each round after it is sewn,
    # pressed and done with before the next.
    class StepsWriter
      # @param outcome [Weighing::Outcome]
      # @param measure [Symbol]
      def initialize(outcome, measure)
        @outcome = outcome
        @words = outcome.way.unit.class.roles.to_h { |role| [role.to_s, ["#{role} patches", "#{role} pairs"]] }
        @measure = measure
      end

      # @return [Array<Hash>]
      def write
        seconds = @outcome.timing.by_step
        @outcome.steps.map.with_index { |step, i| entry(step, seconds[i]) }
      end

      private

      def entry(step, seconds)
        { "round" => step.round, "step" => step.operation.name.to_s, "say" => step.say(@measure), "fabric" => fabric(step),
          "count" => step.count, "minutes" => (seconds / 60.0).round(2), "care" => step.operation.care&.to_s,
          "hints" => Methods::Hints.of(step.operation), **(step.layers.to_i > 1 ? { "layers" => step.layers } : {}) }
      end

      # The one fabric it is done to, where it is one.
      def fabric(step)
        on = step.on&.to_s or return
        @words.each { |role, words| return role if on == role || on.start_with?(*words) }
        nil
      end
    end
  end
end
