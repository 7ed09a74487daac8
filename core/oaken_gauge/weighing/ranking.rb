# frozen_string_literal: true

module OakenGauge
  module Weighing
    # Puts outcomes in order by the maker's priorities. Each figure is set against the best and the
    # worst among the methods that can be used: 1 for the best, 0 for the worst. The score is their
    # mean, weighed by the priorities. At a tie the catalogue's order stands.
    class Ranking
      # What each priority looks at; less is better.
      FIGURES = {
        fabric: ->(outcome) { outcome.waste[:consumed] - outcome.waste[:offcut] },
        time: lambda(&:minutes),
        accuracy: ->(outcome) { outcome.total(:alignments) },
        surplus: ->(outcome) { outcome.waste[:surplus] }
      }.freeze

      # @param outcomes [Array<Outcome>]
      # @param priorities [Hash{Symbol => Numeric}]
      def initialize(outcomes, priorities)
        @feasible, @others = outcomes.partition(&:feasible?)
        @priorities = priorities
      end

      # @return [Array<Outcome>] best first, those that cannot be used last
      def in_order
        scores = @feasible.map { |outcome| score(outcome) }
        order = @feasible.each_index.sort_by { |i| [-scores[i].round(9), i] }
        order.each.with_index(1) { |i, rank| @feasible[i].tap { |outcome| outcome.rank = rank }.score = scores[i] }
        @feasible.values_at(*order) + @others
      end

      private

      def score(outcome)
        total = @priorities.values.sum
        return 0.0 if total.zero?

        @priorities.sum { |name, weight| weight * standing(name, outcome) } / total.to_f
      end

      def standing(name, outcome)
        best, worst = range(name)
        worst == best ? 1.0 : (worst - FIGURES[name].call(outcome)) / (worst - best).to_f
      end

      def range(name)
        (@ranges ||= {})[name] ||= @feasible.map(&FIGURES[name]).minmax
      end
    end
  end
end
