# frozen_string_literal: true

require "highs"

module OakenGauge
  module Planning
    # The plan with parts of strips allowed: a linear program over every strip that can be cut, of which only those are
    # written down that may improve it (column generation). What it comes to is less than any plan takes, and that is a
    # proof; its strips are what whole plans are put together from.
    class Relaxation
      # So near the bound nothing is gained by looking on.
      PROVED = 1e-4
      # How often new strips are looked for once fewer pieces are wanted, and of how many kinds only once.
      AGAIN = 3
      MANY_KINDS = 60
      # Nor beyond the most promising widths then: nothing is to be proved.
      LOOKS = 1
      # So many strips for each kind are kept for that.
      LIKELY = 8

      # @return [Array<Strip>] the strips found so far
      attr_reader :columns
      # @return [Float] no plan takes less than this, inches
      attr_reader :bound

      # @param pricing [Pricing]
      # @param columns [Array<Strip>] strips to begin with, that can make every kind
      # @param rounds [Integer] how often new strips are looked for
      def initialize(pricing, columns, rounds:)
        @pricing = pricing
        @columns = columns.uniq { |strip| looks(strip) }
        @known = @columns.to_h { |strip| [looks(strip), true] }
        @rounds = rounds
        @bound = 0.0
      end

      # What no plan of these takes less than is looked for to the end.
      # @param wanted [Array<Integer>] of each kind
      # @return [Array<Float>] how much of each column
      def prove(wanted)
        shares = rounds(wanted, @rounds) { |worth, total, last| bounding(worth, total, last) }
        keep_likely
        shares
      end

      # @param wanted [Array<Integer>] of each kind
      # @return [Array<Float>] how much of each column
      def solve(wanted)
        rounds(wanted, wanted.size > MANY_KINDS ? 1 : AGAIN) { |worth, _, _| @pricing.best(worth, looks: LOOKS).first }
      end

      private

      # Were a strip worth a little more than it takes, all are worth less by as much: that is a bound at every step
      # (Farley, 1990).
      def bounding(worth, total, last)
        return @pricing.best(worth, looks: LOOKS).first unless @pricing.exact?

        strips, ratio = @pricing.best(worth, to_the_end: last)
        @bound = [@bound, total / [ratio, 1.0].max].max
        @bound > total * (1 - PROVED) ? [] : strips
      end

      def rounds(wanted, most)
        shares = nil
        most.times do |round|
          shares, @worth, total = program(wanted)
          fresh = yield(@worth, total, round == most - 1).select { |strip| fresh?(strip) }
          break if fresh.empty?

          @columns.concat(fresh)
        end
        shares
      end

      # Those that cost little more than they are worth: others come to nothing in whole plans.
      def keep_likely
        most = [LIKELY * @worth.size, LIKELY * 10].max
        over = @columns.sort_by { |strip| strip.width - strip.tally.sum { |kind, count| @worth[kind] * count } }
        @columns = over.first(most)
      end

      def looks(strip)
        [strip.width, strip.tally]
      end

      def fresh?(strip)
        !@known.key?(looks(strip)) && (@known[looks(strip)] = true)
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
