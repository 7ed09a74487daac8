# frozen_string_literal: true

module OakenGauge
  module Answers
    # What a change of method saves, in words.
    class ChangeWords
      SAME = "By itself no real difference."
      ONLY = "Best by itself, too."

      # @param measure [Symbol]
      def initialize(measure)
        @told = SpokenMeasures.of(measure)
      end

      # @param change [Choosing::Changes::Change]
      # @param slight [Boolean] whether that is no real difference
      # @return [String] "Saves 12 square inches of fabric, takes 4 minutes more."
      def say(change, slight)
        return ONLY if change.against.id == change.to.id

        told = slight ? [] : [*differences(change), good(change.good)].compact
        return sentence(told) if change.from

        best = "#{title(change.against)} would be best by itself"
        told.empty? ? "#{best}; no real difference." : "#{best}. Against that: #{told.join('; ')}."
      end

      private

      def sentence(told)
        told.empty? ? SAME : "#{told.join('; ').sub(/\A./, &:upcase)}."
      end

      def title(option)
        option.outcome.way.class.title
      end

      def differences(change)
        told = [area((change.net * @told.square).round), minutes(change.minutes.round)].compact
        saves, costs = told.partition(&:first).map { |same| same.map(&:last) }
        [("saves #{Saying.list(saves)}" if saves.any?), ("costs #{Saying.list(costs)}" if costs.any?)]
      end

      def area(area)
        [area.positive?, "#{area.abs} #{@told.area_words} of fabric"] unless area.zero?
      end

      def minutes(minutes)
        [minutes.positive?, Saying.many(minutes.abs, "minute")] unless minutes.zero?
      end

      def good(share)
        units = (share * 100).round
        "#{units.abs} in 100 #{units.positive? ? 'more' : 'fewer'} come out good" unless units.zero?
      end
    end
  end
end
