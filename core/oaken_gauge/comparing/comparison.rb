# frozen_string_literal: true

module OakenGauge
  module Comparing
    # What one method gives and takes against another, in words.
    class Comparison
      # Ratios that have a name, and how near one must be to be called by it.
      NAMED = { 1/2r => "half the fabric", 2/3r => "a third less fabric", 3/4r => "a quarter less fabric", 5/4r => "a quarter more fabric",
                4/3r => "a third more fabric", 3/2r => "half as much fabric again", 2r => "twice the fabric" }.transform_keys(&:to_f).freeze
      NEAR = 0.02
      # From here on it is said how many times as much.
      MANY = 2.2
      # What is not worth a word: parts of the fabric, minutes and their part, units in a hundred.
      SLIGHT = { fabric: 0.03, minutes: 1, time: 0.05, accuracy: 1 }.freeze

      # @param one [Outcome]
      # @param other [Outcome]
      def initialize(one, other)
        @one = one
        @other = other
      end

      # @param cause [Symbol, nil] what is said first, however slight: what put one below the other
      # @return [Array<String>] what the first has the better of
      def gains(cause = nil)
        words(cause).filter_map { |better, say| say if better }
      end

      # @param cause [Symbol, nil] the same
      # @return [Array<String>] what it has the worse of
      def losses(cause = nil)
        words(cause).filter_map { |better, say| say unless better }
      end

      private

      # The cause, and what else is worth a word; minutes are time, whichever way they count.
      # @return [Array<Array(Boolean, String)>]
      def words(cause)
        cause = :time if cause == :minutes
        first = [*(Causes.new(@one, @other).say(cause) if cause && !slight[cause])]
        [*(first.empty? ? [] : [first]), *slight.values_at(*[cause].compact), *slight.except(cause).values].compact
      end

      def slight
        @slight ||= { fabric: fabric, time: minutes, accuracy: good, surplus: left_over, ease: ease }
      end

      def figures(name)
        [@one, @other].map { |outcome| Figures.fetch(name).of(outcome) }
      end

      def fabric
        mine, its = figures(:fabric)
        ratio = its.zero? ? 1 : mine / its
        return if (ratio - 1).abs < SLIGHT[:fabric]

        [ratio < 1, fabric_words(ratio)]
      end

      def fabric_words(ratio)
        named = NAMED.find { |known, _| (ratio - known).abs < NEAR * known }
        return named.last if named
        return "#{format('%.1f', ratio).delete_suffix('.0')} times the fabric" if ratio > MANY

        format("%<part>d %% %<way>s fabric", part: ((ratio - 1) * 100).abs.round, way: ratio < 1 ? "less" : "more")
      end

      def minutes
        mine, its = figures(:time)
        less = its - mine
        return if less.abs < [SLIGHT[:minutes], its * SLIGHT[:time]].max

        [less.positive?, "#{count(less.abs.round, 'minute')} #{less.positive? ? 'less' : 'more'}"]
      end

      def good
        mine, its = [@one, @other].map { |outcome| outcome.accuracy.good_share * 100 }
        more = mine - its
        return if more.abs < SLIGHT[:accuracy]

        [more.positive?, "#{more.abs.round.clamp(1, 100)} in 100 #{more.positive? ? 'more' : 'fewer'} come out good"]
      end

      def left_over
        mine, its = [@one, @other].map { |outcome| outcome.way.makes.surplus }
        return if mine == its

        over = (mine - its).abs
        [mine < its, "#{over} #{mine < its ? 'fewer' : 'more'} extra #{Saying.form(over, 'unit')}"]
      end

      def ease
        mine, its = figures(:ease)
        return if (mine - its).abs < 2

        [mine < its, mine < its ? "easier to learn" : "harder to learn"]
      end

      def count(number, noun)
        "#{number} #{noun}#{'s' unless number == 1}"
      end
    end
  end
end
