# frozen_string_literal: true

module OakenGauge
  module Weighing
    # Puts outcomes in order by the maker's priorities. Each figure is set against the best and the
    # worst among the methods that can be used: 1 for the best, 0 for the worst. The score is their
    # mean, weighed by the priorities. At a tie the one that takes less from stock is first, then the catalogue's order
    # stands. Methods of other schools than
    # the maker's come after her own.
    class Ranking
      # @param outcomes [Array<Outcome>]
      # @param priorities [Hash{Symbol => Numeric}]
      # @param maker [Maker]
      def initialize(outcomes, priorities, maker = Maker.new)
        @feasible, @others = outcomes.partition(&:feasible?)
        @priorities = priorities
        @maker = maker
      end

      # @return [Array<Outcome>] best first, those that cannot be used last
      def in_order
        ranked = sorted
        ranked.each.with_index(1) { |outcome, rank| outcome.rank = rank }
        ranked.each { |outcome| outcome.beaten_by = ranked.find { |other| beats?(other, outcome) } }
        ranked + @others
      end

      private

      def sorted
        @feasible.each { |outcome| outcome.score = score(outcome) }
        @feasible.sort_by.with_index do |outcome, i|
          [@maker.against?(outcome.way.class) ? 1 : 0, -outcome.score.round(9), outcome.waste[:consumed].round(6), i]
        end
      end

      def score(outcome)
        total = @priorities.values.sum
        return 0.0 if total.zero?

        @priorities.sum { |name, weight| weight * standing(name, outcome) } / total.to_f
      end

      def standing(name, outcome)
        best, worst = range(name)
        return 1.0 if worst == best

        scale = [worst - best, worst * Figures.fetch(name).least].max
        1 - ((figure(name, outcome) - best) / scale.to_f)
      end

      def range(name)
        (@ranges ||= {})[name] ||= @feasible.map { |outcome| figure(name, outcome) }.minmax
      end

      def figure(name, outcome)
        ((@figures ||= {})[name] ||= {}.compare_by_identity)[outcome] ||= Figures.fetch(name).of(outcome)
      end

      # As good on every count, what is taken from stock too, and better on one at least.
      def beats?(one, other)
        pairs = Figures::NAMES.map { |name| [figure(name, one), figure(name, other)] }
        return false if one.waste[:consumed] > other.waste[:consumed] + Plane::SAME

        pairs.all? { |mine, its| mine <= its + Plane::SAME } && pairs.any? { |mine, its| mine < its - Plane::SAME }
      end
    end
  end
end
