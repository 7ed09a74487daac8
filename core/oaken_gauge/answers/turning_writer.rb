# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes where another method takes the first place.
    class TurningWriter
      DIGITS = 6

      # @param moving [#intervals, #now]
      # @param measure [Symbol]
      # @param view [Boolean] add what a screen needs: what methods are called, and sizes in inches
      def initialize(moving, measure, view: false)
        @moving = moving
        @measure = measure
        @view = view
      end

      # @return [Hash]
      def write
        intervals = @moving.intervals
        { "intervals" => intervals.map { |interval| interval(interval) }, "now" => index(intervals), **unpriced }
      end

      private

      def interval(interval)
        { "from" => value(interval.from), "to" => value(interval.to), "first" => interval.method,
          "second" => (interval.second.way.class.id if interval.second), **(@view ? seen(interval) : {}) }
      end

      def seen(interval)
        { "title" => interval.first.way.class.title, "span" => [interval.from.to_f, interval.to.to_f] }
      end

      def value(value)
        case value
        when Integer then value
        when Rational then Length.new(value, @measure).to_s
        else value.round(DIGITS)
        end
      end

      def index(intervals)
        now = @moving.now
        now && intervals.index { |interval| interval.from == now.from }
      end

      def unpriced
        return {} unless @moving.is_a?(Turning::ByPrice)

        { "without_price" => @moving.without_price.map(&:to_s) }
      end
    end
  end
end
