# frozen_string_literal: true

module OakenGauge
  module Choosing
    # What the choice changes against other picks, and what each change saves by itself.
    class Changes
      # - group: {Group}; - from, to: {Option}s, from is nil where nothing was picked; - against: {Option} that it is held against
      # - net, minutes, good, worth: what is saved by it alone (good is what is gained)
      Change = Struct.new(:group, :from, :to, :against, :net, :minutes, :good, :worth, keyword_init: true)

      # @param choice [Choice]
      # @param from [Array<Option, nil>] of each group
      # @param base [Array<Option>] of each group, what the others are made by meanwhile
      def initialize(choice, from: choice.apart, base: choice.apart)
        @choice = choice
        @from = from
        @base = base
      end

      # @return [Array<Change>] of each group that is made otherwise
      def all
        @choice.groups.zip(@from, @choice.chosen.options).each_with_index.filter_map do |(group, from, to), place|
          change(group, from, to, place) unless from&.id == to.id
        end
      end

      # @param change [Change]
      # @return [Boolean] whether it makes no real difference by itself
      def slight?(change)
        @choice.objective.slight?(change.worth.abs)
      end

      private

      # Where nothing was picked it is held against the first-ranked.
      def change(group, from, to, place)
        against = from || @base[place]
        before, after = [against, to].map { |option| totals(option, place) }
        Change.new(group: group, from: from, to: to, against: against, net: before.net - after.net, minutes: before.minutes - after.minutes,
                   good: after.good - before.good, worth: gain(before, after))
      end

      def gain(before, after)
        @choice.objective.of(before) - @choice.objective.of(after)
      end

      def totals(option, place)
        @choice.totals(@base.dup.tap { |options| options[place] = option })
      end
    end
  end
end
