# frozen_string_literal: true

module OakenGauge
  module Weighing
    # Weighs every method of the catalogue that makes the unit.
    class Weigher
      # @param task [Task]
      # @param among [Array<String>, nil] the methods that are weighed; nil for all that make the unit
      def initialize(task, among: nil)
        @task = task
        @among = among
      end

      # @return [Array<Outcome>] best first, those that cannot be used last
      def outcomes
        Comparing::Ranking.new(weighed, @task.priorities, @task.maker).in_order.tap { |ranked| reason(ranked) }
      end

      # @return [Array<Outcome>] the same as the catalogue has them, in no order of hers
      def weighed
        methods = Methods.making(@task.unit)
        methods = methods.select { |method| @among.include?(method.id) } if @among
        methods.map { |method| Outcome.new(@task.way(method)) }
      end

      private

      # Each against the one above it, the first against the one below.
      def reason(ranked)
        feasible = ranked.select(&:feasible?)
        feasible.each_with_index do |outcome, i|
          outcome.why = Comparing::Reasons.new(outcome, i.zero? ? feasible[1] : feasible[i - 1]).say
        end
      end
    end
  end
end
