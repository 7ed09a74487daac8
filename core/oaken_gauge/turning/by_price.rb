# frozen_string_literal: true

module OakenGauge
  module Turning
    # Which method costs least as the price of one fabric moves from nothing to four times what it is: what is paid for all fabrics, and
    # what her time is worth. Each is a straight line over the price, so that another one costs least only where two cross.
    #
    # @example A yard of 36 inches at 12, of which 18 are used up, and 20 an hour for half an hour: 6 + 10
    class ByPrice
      TIMES = 4

      # @param task [Weighing::Task]
      # @param role [Symbol] whose fabric it is
      # @param an_hour [Numeric] what her time is worth
      def initialize(task, role, an_hour)
        @task = task
        @moving = task.fabric(role)
        @an_hour = an_hour
        check
        @lines = Weighing::Weigher.new(task).outcomes.select(&:feasible?).map { |outcome| [outcome, fixed(outcome), slope(outcome)] }
      end

      # @return [Array<Interval>]
      def intervals
        return [] if @lines.empty?

        @intervals ||= Interval.joined([0.0, *places, most].each_cons(2).map { |from, to| between(from, to) })
      end

      # @return [Interval, nil]
      def now
        intervals.find { |interval| interval.hold?(@moving.price) }
      end

      # @return [Array<Symbol>] whose fabric has no price, and counts nothing
      def without_price
        @task.unit.class.roles.reject { |role| @task.fabric(role).price }
      end

      private

      def check
        fault("/over/price/fabric", "has no price: allowed is a fabric with one that is more than 0") unless @moving.price.to_f.positive?
        currencies = fabrics.select(&:price).map { |fabric| fabric.currency || "no currency" }.uniq
        return if currencies.one?

        fault("/fabrics", "are priced in #{Saying.list(currencies)}: allowed is one currency")
      end

      def fault(pointer, message)
        raise Documents::Invalid, [Documents::Fault.new(pointer: pointer, message: message)]
      end

      def fabrics
        @task.unit.class.roles.map { |role| @task.fabric(role) }.uniq(&:object_id)
      end

      def most
        (TIMES * @moving.price).to_f
      end

      def between(from, to)
        middle = (from + to) / 2
        first, second = @lines.min_by(2) { |outcome, fixed, slope| [fixed + (slope * middle), outcome.rank] }.map(&:first)
        Interval.new(from: from, to: to, first: first, second: second)
      end

      def places
        crossings = @lines.combination(2).filter_map do |(_, fixed, slope), (_, its_fixed, its_slope)|
          (its_fixed - fixed) / (slope - its_slope) unless slope == its_slope
        end
        crossings.select { |price| price.positive? && price < most }.sort
                 .slice_when { |one, following| following - one > ByPriority::SAME }.map(&:first)
      end

      # What does not follow the price that moves.
      def fixed(outcome)
        paid = (fabrics - [@moving]).sum { |fabric| fabric.price.to_f * amount(outcome, fabric) }
        paid + (@an_hour * outcome.minutes / 60.0)
      end

      def slope(outcome)
        amount(outcome, @moving)
      end

      # How much of what a price is for.
      def amount(outcome, fabric)
        own = outcome.fabric.select { |role, _| @task.fabric(role).equal?(fabric) }.values
        own.sum { |parts| Fabrics::Priced.amount(fabric, parts, @task.measure) }
      end
    end
  end
end
