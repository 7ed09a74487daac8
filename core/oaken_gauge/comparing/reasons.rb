# frozen_string_literal: true

module OakenGauge
  module Comparing
    # Why a method ranks where it does, in two or three plain sentences made of its figures: what it
    # makes, the trade against its neighbour in the ranking, and how true it comes out.
    class Reasons
      # Shares that are as good as all, and as none.
      ALL = 0.9995
      # A part of the units that is worth a word when it is too small to trim.
      SOME = 0.002

      # @param outcome [Outcome]
      # @param neighbour [Outcome, nil] the one ranked just above; for the first, the one below
      def initialize(outcome, neighbour)
        @outcome = outcome
        @neighbour = neighbour
      end

      # @return [String]
      def say
        [@outcome.way.makes.say, trade, trueness].compact.join(" ")
      end

      private

      # What put it where it stands comes first, then what else speaks for that order, then what against it.
      def trade
        return unless @neighbour
        return beaten if @outcome.beaten_by
        return habit if @outcome.below_for == :habit

        first = @outcome.rank == 1
        words = first ? balance(gains(@neighbour.below_for), losses) : balance(losses(@outcome.below_for), gains)
        return "It comes to much the same as #{name(@neighbour)}." if words.empty?

        "Against #{name(@neighbour)}, the #{first ? 'next one' : 'one above it'}: #{words}."
      end

      def gains(cause = nil)
        comparison.gains(cause)
      end

      def losses(cause = nil)
        comparison.losses(cause)
      end

      # What speaks for the order first, then what was paid for it.
      def balance(first, second)
        [first, second].reject(&:empty?).map { |words| words.join(", ") }.join(", but ")
      end

      def beaten
        losses = Comparison.new(@outcome, @outcome.beaten_by).losses
        "Beaten on every count by #{name(@outcome.beaten_by)}#{": #{losses.join(', ')}" unless losses.empty?}."
      end

      # However good it is, she works another way.
      def habit
        words = balance(losses, gains)
        hers = @outcome.way.task.maker.habit_against(@outcome.way.class)
        "#{hers}, so it stands behind #{name(@neighbour)}#{": #{words}" unless words.empty?}."
      end

      def comparison
        @comparison ||= Comparison.new(@outcome, @neighbour)
      end

      def name(outcome)
        title = outcome.way.class.title
        "“#{title[0].downcase}#{title[1..]}”"
      end

      def trueness
        accuracy = @outcome.accuracy
        if accuracy.too_small > SOME then "#{in_hundred(accuracy.too_small)} of its units leave nothing to trim at one side."
        elsif @outcome.trimmed? then "#{trimmed}, so #{in_hundred(accuracy.within)} come within #{told.limit} of their size."
        else "#{in_hundred(accuracy.within).capitalize} come within #{told.limit} of their size#{cause(accuracy)}."
        end
      end

      def told
        SpokenMeasures.of(@outcome.way.task.measure)
      end

      def trimmed
        "Every unit is trimmed on #{@outcome.way.trim_sides == 2 ? 'two' : 'four'} sides"
      end

      # What the size is off by always, or what makes it vary most.
      def cause(accuracy)
        size = accuracy.size
        return ", average #{told.tell(size.mean.abs)} #{size.mean.positive? ? 'large' : 'small'}" if size.mean.abs > size.sd

        accuracy.bias_edges > 1 ? ", with #{accuracy.bias_edges} raw edges on the bias" : ""
      end

      def in_hundred(share)
        return "all" if share > ALL
        return "none" if share < 1 - ALL

        share > 0.99 || share < 0.01 ? format("%<part>.1f in 100", part: share * 100) : "#{(share * 100).round} in 100"
      end
    end
  end
end
