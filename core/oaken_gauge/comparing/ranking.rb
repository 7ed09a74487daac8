# frozen_string_literal: true

module OakenGauge
  module Comparing
    # Puts outcomes in order by the maker's priorities. What each is worth by each of the {Figures} is weighed by them, and
    # the mean is its score. Those that come near the best of those not yet placed are as good as it for any hands: among them
    # makers prefer what is {PREFERRED}. What another beats on every count waits until that one is placed. Methods that are
    # against a habit of the maker come after all others.
    class Ranking
      # How near is as good, in steps of a score: 7 in a hundred of all fabric or of all time, where only that counts.
      NEAR = 0.1
      # Where each count stands: what is taken from stock, then the figures.
      COUNTS = (0..Figures::ALL.size).to_a.freeze
      # What uses up so many times the fabric that another does is not preferred to it.
      OPENED = 1.5
      # Of those that are near, less of each is preferred, the first before the next. The Proc is given an outcome and the least
      # that any of them uses up.
      PREFERRED = {
        techniques: ->(outcome, _) { outcome.techniques },
        opened: ->(outcome, least) { outcome.used_up > OPENED * least ? 1 : 0 },
        bias_edges: ->(outcome, _) { outcome.accuracy.bias_edges },
        alignments: ->(outcome, _) { outcome.total(:alignments) },
        minutes: ->(outcome, _) { outcome.minutes.round(2) },
        consumed: ->(outcome, _) { outcome.waste[:consumed].round(6) }
      }.freeze

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
        @feasible.each { |outcome| outcome.score = score(outcome) }
        ranked = sorted(@feasible.size)
        ranked.each.with_index(1) { |outcome, rank| outcome.rank = rank }
        ranked.each { |outcome| outcome.beaten_by = ranked.find { |other| beats?(other, outcome) } }
        ranked.each_cons(2) { |above, outcome| outcome.below_for = cause(above, outcome) }
        ranked + @others
      end

      # Who would be first if other things counted. The outcomes keep the scores of what was asked last.
      #
      # @param priorities [Hash{Symbol => Numeric}]
      # @param many [Integer]
      # @return [Array<Outcome>] the first so many of those that can be used
      def ahead(priorities, many = 2)
        @priorities = priorities
        @feasible.each { |outcome| outcome.score = score(outcome) }
        sorted(many)
      end

      private

      def sorted(many)
        against, own = @feasible.partition { |outcome| against?(outcome) }
        (placed(own, many) + placed(against, many)).first(many)
      end

      def against?(outcome)
        @maker.against?(outcome.way.class)
      end

      # One after another, each the one preferred of those that none of the rest beats and that are near the best of these.
      def placed(outcomes, many)
        rest = outcomes.dup
        Array.new([outcomes.size, many].min) { next_of(rest).tap { |first| rest.delete_if { |one| one.equal?(first) } } }
      end

      def next_of(rest)
        open = unbeaten(rest)
        best = open.map(&:score).max
        near = open.select { |outcome| outcome.score >= best - NEAR }
        least = near.map(&:used_up).min
        near.min_by.with_index { |outcome, i| [*preference(outcome, least), i] }.tap { |first| least_used[first] = least }
      end

      # The least that any near one used up when one was placed.
      def least_used
        @least_used ||= {}.compare_by_identity
      end

      def preference(outcome, least)
        (@preferences ||= {}.compare_by_identity)[outcome] ||= PREFERRED.except(:opened).transform_values do |figure|
          figure.call(outcome, least)
        end
        @preferences[outcome].merge(opened: PREFERRED[:opened].call(outcome, least)).values_at(*PREFERRED.keys)
      end

      def score(outcome)
        total = @priorities.values.sum
        return 0.0 if total.zero?

        @priorities.sum { |name, weight| weight.zero? ? 0 : weight * worth(name, outcome) } / total.to_f
      end

      def worth(name, outcome)
        ((@worths ||= {}.compare_by_identity)[outcome] ||= {})[name] ||= Figures.fetch(name).worth_of(outcome)
      end

      # As good on every count, what is taken from stock too, and better on one at least.
      def beats?(one, other)
        mine, its = [one, other].map { |outcome| counts(outcome) }
        COUNTS.none? { |i| mine[i] > its[i] + Plane::SAME } && COUNTS.drop(1).any? { |i| mine[i] < its[i] - Plane::SAME }
      end

      def unbeaten(rest)
        rest.reject { |outcome| beaters(outcome).any? { |other| rest.any? { |one| one.equal?(other) } } }
      end

      # All that beat it.
      def beaters(outcome)
        (@beaters ||= {}.compare_by_identity)[outcome] ||= @feasible.select { |other| beats?(other, outcome) }
      end

      # What is taken from stock, and every figure.
      def counts(outcome)
        (@counts ||= {}.compare_by_identity)[outcome] ||= [outcome.waste[:consumed], *Figures::ALL.map { |figure| figure.of(outcome) }]
      end

      # Why one stands right below another.
      def cause(above, outcome)
        return :habit if against?(outcome) && !against?(above)
        return :beaten if beats?(above, outcome)

        outcome.score < above.score - NEAR ? worst(above, outcome) : less_preferred(above, outcome)
      end

      # The figure that takes most from its score.
      def worst(above, outcome)
        @priorities.max_by do |name, weight|
          weight * Figures.fetch(name).then do |figure|
            figure.worth_of(above) - figure.worth_of(outcome)
          end
        end.first
      end

      # The first in which the one above was preferred when it was placed.
      def less_preferred(above, outcome)
        mine, its = [outcome, above].map { |one| preference(one, least_used[above]) }
        PREFERRED.keys.zip(mine, its).find { |_, own, other| own > other }&.first
      end
    end
  end
end
