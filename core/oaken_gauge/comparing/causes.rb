# frozen_string_literal: true

module OakenGauge
  module Comparing
    # What put one method above another, in words, where that is too slight for a {Comparison} or is none of its figures.
    class Causes
      WORDS = {
        techniques: ->(mine, its) { "#{Saying.many(mine, 'technique')} to get ready, not #{its}" },
        opened: lambda do |mine, _|
          mine.zero? ? "less fabric opened of which only small pieces go back" : "more fabric opened, of which only small pieces go back"
        end,
        bias_edges: ->(mine, its) { counted(mine - its, "raw edge on the bias", "raw edges on the bias") },
        alignments: ->(mine, its) { counted(mine - its, "chance for error", "chances for error") },
        time: ->(mine, its) { "less than a minute #{mine < its ? 'less' : 'more'}" },
        surplus: ->(mine, its) { "#{mine < its ? 'less' : 'more'} left over" },
        ease: ->(mine, its) { "#{mine < its ? 'easier' : 'harder'} to learn" },
        consumed: ->(mine, its) { "#{mine < its ? 'less' : 'more'} fabric to take from the shelf" }
      }.freeze

      # "2 more chances for error"
      def self.counted(more, one, many)
        "#{more.abs} #{more.negative? ? 'fewer' : 'more'} #{Saying.form(more.abs, one, many)}"
      end

      # @param one [Outcome]
      # @param other [Outcome]
      def initialize(one, other)
        @pair = [one, other]
      end

      # @param cause [Symbol] see {Outcome#below_for}
      # @return [Array(Boolean, String), nil] whether the first has the better of it, and how it is said
      def say(cause)
        words = WORDS[cause] or return
        mine, its = figures(cause)
        [mine < its, words.call(mine, its)]
      end

      private

      def figures(cause)
        least = @pair.map(&:used_up).min
        return @pair.map { |one| opened(one, least) } if cause == :opened

        figure = Ranking::PREFERRED[cause]
        @pair.map { |one| figure ? figure.call(one, least) : Figures.fetch(cause).of(one) }
      end

      # Against one another alone the one that uses up more is the one that opens too much.
      def opened(one, least)
        one.used_up > least ? 1 : 0
      end
    end
  end
end
