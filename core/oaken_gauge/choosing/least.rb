# frozen_string_literal: true

module OakenGauge
  module Choosing
    # The least by the objective; of those that are equal the one with least fabric, then with least time, then by the names of its
    # methods. Where nothing counts at all it is the first-ranked of each, if that is within the limits.
    class Least
      # Two are equal to so much.
      SAME = 1e-9

      # @param program [Program]
      # @param objective [Objective]
      # @param groups [Array<Array<Option>>] best first
      def initialize(program, objective, groups)
        @program = program
        @objective = objective
        @groups = groups
      end

      # @param cuts [Array<Hash{Integer => Integer}>] choices that are none: options by group
      # @return [Array<Integer>, nil] of each group which of its options; nil where there is none
      def choice(cuts)
        return first_ranked if @objective.indifferent? && open?(first_ranked, cuts)

        best = @program.least(worth, cuts: cuts) or return
        tied?(best, cuts) ? first_of_equals(best, cuts) : best
      end

      private

      def first_ranked
        @groups.map { 0 }
      end

      def open?(choice, cuts)
        cuts.none? { |cut| cut.all? { |group, option| choice[group] == option } } && @program.holds?(choice)
      end

      def worth
        @worth ||= @program.figure(own: ->(option) { @objective.own(option) }, setting: @objective.time * Totals::SETTING,
                                   visits: @objective.time * @program.visit, technique: @objective.technique)
      end

      # Whether another one is as good.
      def tied?(best, cuts)
        other = @program.least(worth, cuts: [*cuts, best.each_with_index.to_h { |option, group| [group, option] }])
        other && @program.value(worth, other) <= @program.value(worth, best) + SAME
      end

      def first_of_equals(best, cuts)
        bounds = []
        [worth, @program.figure(own: :net.to_proc), @program.minutes, *names].each do |figure|
          best = @program.least(figure, cuts: cuts, bounds: bounds) || best
          bounds << [figure, @program.value(figure, best) + SAME]
        end
        best
      end

      # For each group in turn, where its methods stand in the alphabet.
      def names
        @groups.map do |options|
          places = options.sort_by(&:id).each_with_index.to_h
          @program.figure(own: ->(option) { places.fetch(option, 0) })
        end
      end
    end
  end
end
