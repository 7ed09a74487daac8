# frozen_string_literal: true

module OakenGauge
  module Turning
    # Where another method takes the first place as one weight moves from 0 to 100. A score is the weighted mean of what a method is worth:
    # with the weight w, what the others come to (a) and what they weigh (o), (a + w x) / (o + w). Whatever the ranking asks of two
    # scores, which is greater and whether one lies within {Comparing::Ranking::NEAR} of the other, changes only where they are equal
    # or lie just so far apart: there w = (c o - Δa) / (Δx - c). Between two of these places nothing changes.
    #
    # @example
    #   ByPriority.new(task, :fabric).intervals.map(&:method)   # => ["rotary/two_at_a_time", "triangle_ruler/strip_pair"]
    class ByPriority
      RANGE = (0.0..100.0)
      APART = [0.0, Comparing::Ranking::NEAR, -Comparing::Ranking::NEAR].freeze
      # Places that lie nearer than this are one.
      SAME = 1e-9

      # @param task [Weighing::Task]
      # @param name [Symbol] of the priority that moves
      # @param outcomes [Array<Weighing::Outcome>] of the task, where they are known
      def initialize(task, name, outcomes = Weighing::Weigher.new(task).weighed)
        @name = name
        @others = task.priorities.except(name)
        @now = task.priorities.fetch(name)
        @outcomes = outcomes
        @ranking = Comparing::Ranking.new(@outcomes, task.priorities, task.maker)
      end

      # @return [Array<Interval>]
      def intervals
        return [] if @outcomes.none?(&:feasible?)

        Interval.joined([RANGE.begin, *places, RANGE.end].each_cons(2).map { |from, to| between(from, to) })
      end

      # @return [Interval, nil] the one that the weight stands in now; where it stands at the end of two, the one of what is first there
      def now
        return if @outcomes.none?(&:feasible?) || (@now + weighed).zero?

        first = ahead(@now).first
        within = intervals.select { |interval| interval.hold?(@now) }
        within.find { |interval| interval.method == first.way.class.id } || within.first
      end

      private

      def between(from, to)
        first, second = ahead((from + to) / 2)
        Interval.new(from: from, to: to, first: first, second: second)
      end

      def ahead(weight)
        @ranking.ahead(@others.merge(@name => weight))
      end

      # What the others weigh together.
      def weighed
        @weighed ||= @others.values.sum
      end

      def places
        found = worths.combination(2).flat_map { |one, other| APART.filter_map { |apart| place(one, other, apart) } }
        found.select { |weight| weight > RANGE.begin + SAME && weight < RANGE.end - SAME }.sort
             .slice_when { |one, following| following - one > SAME }.map(&:first)
      end

      # Where two scores lie so far apart.
      def place((moving, rest), (its_moving, its_rest), apart)
        slope = moving - its_moving - apart
        (((apart * weighed) - (rest - its_rest)) / slope) unless slope.zero?
      end

      # Of each method what it is worth by what moves, and what all others come to.
      def worths
        @outcomes.select(&:feasible?).map do |outcome|
          [Comparing::Figures.fetch(@name).worth_of(outcome),
           @others.sum { |name, weight| weight.zero? ? 0.0 : weight * Comparing::Figures.fetch(name).worth_of(outcome) }]
        end
      end
    end
  end
end
