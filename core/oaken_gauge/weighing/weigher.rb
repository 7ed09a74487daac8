# frozen_string_literal: true

module OakenGauge
  module Weighing
    # Weighs every method of the catalogue that makes the unit.
    class Weigher
      # @param task [Task]
      def initialize(task)
        @task = task
      end

      # @return [Array<Outcome>] best first, those that cannot be used last
      def outcomes
        ways = Methods.making(@task.unit).map { |method| method.new(@task) }
        Ranking.new(ways.map { |way| Outcome.new(way) }, @task.priorities).in_order
      end
    end
  end
end
