# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes where one of a few methods overtakes another.
    class HeldWriter
      TITLES = { size: "Finished size", count: "How many" }.freeze
      # What a priority weighs, in words, as far as they go.
      WEIGHTS = ["not at all", "some", "much", "very much"].freeze

      # @param held [Turning::Held]
      # @param measure [Symbol]
      def initialize(held, measure)
        @held = held
        @measure = measure
      end

      # @return [Hash] "methods" with their titles, and "overtakes", what is first as each thing moves
      def write
        { "methods" => @held.methods.map { |method| { "method" => method.id, "title" => method.title } },
          "overtakes" => @held.intervals.map { |over, intervals| overtakes(over, intervals) } }
      end

      private

      def overtakes(over, intervals)
        shown = TITLES.key?(over) ? intervals : on_the_slider(intervals)
        { "over" => over.to_s, "title" => TITLES.fetch(over) { Comparing::Figures.fetch(over).title }, "say" => say(over, shown),
          "spans" => shown.map { |one| { "method" => one.method, "from" => one.from.to_f, "to" => one.to.to_f } } }
      end

      # A slider stands at whole weights, as far as there are words: what is first between two of them only is on none.
      def on_the_slider(intervals)
        most = WEIGHTS.size - 1
        shown = intervals.map { |one| Turning::Interval.new(**one.to_h, to: [one.to, most].min) }.select { |one| one.from.ceil <= one.to.floor }
        Turning::Interval.joined(shown)
      end

      def say(over, intervals)
        return "None of them can be used." if intervals.empty?
        return "#{title(intervals.first)}, all along." if intervals.one?

        first, *others = intervals
        "#{[title(first), *others.map { |one| "#{from(over, one.from)} #{title(one).downcase}" }].join('; ')}."
      end

      def title(interval)
        interval.first.way.class.title
      end

      def from(over, value)
        case over
        when :size then "from #{Length.new(value, @measure)}"
        when :count then "from #{value} units"
        else "where it matters #{WEIGHTS.fetch(value.ceil)}"
        end
      end
    end
  end
end
