# frozen_string_literal: true

require "highs"

module OakenGauge
  module Planning
    # The plan with parts of strips allowed: a linear program over every strip that can be cut, of which only those are
    # written down that may improve it (column generation). What it comes to is less than any plan takes, and that is a
    # proof; its strips are what whole plans are put together from.
    class Relaxation
      NEAR = 1e-7

      # @return [Array<Strip>] the strips found so far
      attr_reader :columns
      # @return [Float] no plan takes less than this, inches
      attr_reader :bound

      # @param pricing [Pricing]
      # @param columns [Array<Strip>] strips to begin with, that can make every kind
      # @param rounds [Integer] how often new strips are looked for
      def initialize(pricing, columns, rounds:)
        @pricing = pricing
        @columns = columns.uniq { |strip| [strip.width, strip.tally] }
        @rounds = rounds
        @bound = 0.0
      end

      # @param wanted [Array<Integer>] of each kind
      # @return [Array<Float>] how much of each column
      def solve(wanted)
        shares = nil
        @rounds.times do
          shares, worth, total = program(wanted)
          fresh = improving(worth, total)
          break if fresh.empty?

          @columns.concat(fresh)
        end
        shares
      end

      private

      # Were a strip worth a little more than it takes, all are worth less by as much: that is a bound at every step
      # (Farley, 1990).
      def improving(worth, total)
        best = @pricing.best(worth)
        ratio = best.map { |value, strip| value / strip.width }.max
        @bound = [@bound, total / [ratio, 1.0].max].max if @pricing.exact?
        best.select { |value, strip| value > strip.width + NEAR }.map(&:last)
      end

      def program(wanted)
        answer = Highs.lp(sense: :minimize, a_format: :colwise, col_cost: @columns.map { |strip| strip.width.to_f },
                          col_lower: [0.0] * @columns.size, col_upper: [WholeNumbers::ENDLESS] * @columns.size,
                          row_lower: wanted.map(&:to_f), row_upper: [WholeNumbers::ENDLESS] * wanted.size, **Columns.matrix(@columns)).solve
        [answer[:col_value], answer[:row_dual], answer[:obj_value]]
      end
    end
  end
end
