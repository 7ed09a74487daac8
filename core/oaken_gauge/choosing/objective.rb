# frozen_string_literal: true

module OakenGauge
  module Choosing
    # How good a choice is: the scale of the ranking, made linear about the first-ranked methods. Less is better.
    class Objective
      # What half of all units more that come out good is worth, and half of the time and the fabric: log2 near one is a line of this slope.
      SLOPE = Math.log(2)
      # Kinds of step that are as hard as twice the time, and techniques.
      HARDER = Comparing::Figures::HARDER
      TECHNIQUES = 4.0
      # Less than this of all that counts is no real difference.
      SLIGHT = 0.07

      # @param weights [Hash{Symbol => Numeric}] priorities
      # @param first [Totals] of the first-ranked methods
      def initialize(weights, first)
        @weights = weights
        @net = nonzero(first.net)
        @minutes = nonzero(first.minutes)
        @in_units = nonzero(first.options.sum(0.0) { |option| option.outcome.waste[:in_units] })
        @count = first.options.sum(&:count).to_f
      end

      # @param totals [Totals]
      # @return [Float]
      def of(totals)
        weighed(totals.net, totals.minutes, totals.surplus, totals.good,
totals.difficulty) + accuracy + (technique * totals.techniques.size)
      end

      # @return [Boolean] whether nothing counts
      def indifferent?
        @weights.values.sum.zero?
      end

      # @param gain [Float] how much less
      # @return [Boolean] whether that is worth a change
      def slight?(gain)
        gain < SLIGHT * @weights.values.sum
      end

      # @param option [Option]
      # @return [Float] what it adds by itself: not by visits, settings and techniques, which others may share
      def own(option)
        share = option.count / @count
        weighed(option.net, option.minutes, option.surplus, option.good * share, option.difficulty * share)
      end

      # @return [Float] what a minute adds
      def time
        @weights[:time] / @minutes
      end

      # @return [Float] what a technique adds
      def technique
        ease / TECHNIQUES
      end

      # @return [Float] what a square inch in extra units adds
      def extra
        @weights[:surplus] / @in_units
      end

      private

      # But for what is the same for all, and what is shared.
      def weighed(net, minutes, surplus, good, difficulty)
        (fabric * net) + (time * minutes) + (extra * surplus) - (accuracy * good) + (ease * SLOPE / HARDER * difficulty)
      end

      def fabric
        @weights[:fabric] / @net
      end

      def accuracy
        @weights[:accuracy] * 2 * SLOPE
      end

      def ease
        @weights[:ease].to_f
      end

      def nonzero(figure)
        figure.zero? ? 1.0 : figure.to_f
      end
    end
  end
end
