# frozen_string_literal: true

module OakenGauge
  module Comparing
    # Puts outcomes in order by the maker's priorities. What each is worth by each of the {Figures} is weighed by them, and
    # the mean is its score. Those that come near the best are as good as it for any hands: among them makers prefer one
    # that does not open much more fabric than another, then fewer raw edges on the bias, fewer chances for error, fewer
    # minutes, less taken from stock. Then the best of the rest leads, and so on. Methods of other schools than the maker's
    # come after her own.
    class Ranking
      # How near is as good, in steps of a score: 7 in a hundred of all fabric or of all time, where only that counts.
      NEAR = 0.1
      # Where each count stands: what is taken from stock, then the figures.
      COUNTS = (0..Figures::ALL.size).to_a.freeze
      # What opens so many times the fabric that another does is not preferred to it.
      OPENED = 1.5

      # @param outcomes [Array<Outcome>]
      # @param priorities [Hash{Symbol => Numeric}]
      # @param maker [Makers::Maker]
      def initialize(outcomes, priorities, maker = Makers::Maker.new)
        @feasible, @others = outcomes.partition(&:feasible?)
        @priorities = priorities
        @maker = maker
      end

      # @return [Array<Outcome>] best first, those that cannot be used last
      def in_order
        ranked = sorted
        ranked.each.with_index(1) { |outcome, rank| outcome.rank = rank }
        counts = ranked.map { |outcome| counts(outcome) }
        ranked.zip(counts) { |outcome, own| outcome.beaten_by = ranked.zip(counts).find { |_, its| beats?(its, own) }&.first }
        ranked + @others
      end

      private

      def sorted
        @feasible.each { |outcome| outcome.score = score(outcome) }
        own, others = @feasible.partition { |outcome| !@maker.against?(outcome.way.class) }
        by_groups(own) + by_groups(others)
      end

      # The best and those near it, then the best of the rest and those near it.
      def by_groups(outcomes)
        return [] if outcomes.empty?

        best = outcomes.map(&:score).max
        near, rest = outcomes.partition { |outcome| outcome.score >= best - NEAR }
        least = near.map { |outcome| outcome.waste[:consumed] }.min
        near.sort_by.with_index { |outcome, i| [*preference(outcome, least), i] } + by_groups(rest)
      end

      def preference(outcome, least)
        [outcome.waste[:consumed] > OPENED * least ? 1 : 0, outcome.accuracy.bias_edges, outcome.total(:alignments),
         outcome.minutes.round(2), outcome.waste[:consumed].round(6)]
      end

      def score(outcome)
        total = @priorities.values.sum
        return 0.0 if total.zero?

        @priorities.sum { |name, weight| weight.zero? ? 0 : weight * Figures.fetch(name).worth_of(outcome) } / total.to_f
      end

      # As good on every count, what is taken from stock too, and better on one at least.
      def beats?(mine, its)
        COUNTS.none? { |i| mine[i] > its[i] + Plane::SAME } && COUNTS.drop(1).any? { |i| mine[i] < its[i] - Plane::SAME }
      end

      # What is taken from stock, and every figure.
      def counts(outcome)
        [outcome.waste[:consumed], *Figures::ALL.map { |figure| figure.of(outcome) }]
      end
    end
  end
end
