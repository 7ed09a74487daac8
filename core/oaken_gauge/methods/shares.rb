# frozen_string_literal: true

module OakenGauge
  module Methods
    # How the units may be shared out between methods that make so many at a time: as many of the largest sets as go in,
    # or one fewer, then as many of the next, of every choice of methods. The last one's last set may be one too many.
    #
    # @example 13 half-square triangle units
    #   # eights, twos and singles: 8 + 2 × 2 + 1; fours and singles: 3 × 4 + 1, or 2 × 4 + 5; and so on
    class Shares
      # @param unit [Units::Unit] with how many are needed
      # @param ways [Array<Method>] those with the largest sets first
      def initialize(unit, ways)
        @unit = unit
        @ways = ways
        @each = ways.to_h { |way| [way, way.class.per_set] }.compare_by_identity
      end

      # @return [Array<Array(Method, Hash)>] each method that has a part with the keys of its units, in every way
      def all
        (2..@ways.size).flat_map { |size| @ways.combination(size).flat_map { |some| between(some) } }.uniq
      end

      private

      def between(ways)
        return [] if @each[ways.first] == 1

        @unit.hands ? of_both_hands(*ways) : counted(*ways)
      end

      def counted(first, *others)
        most = @unit.count / @each[first]
        [most, most - 1].select(&:positive?).filter_map { |sets| with_rest(first, sets, @unit.count, others) }
      end

      def with_rest(way, sets, wanted, others)
        rest = others.empty? ? [] : share_out(wanted - (sets * @each[way]), others)
        [[way, { count: sets * @each[way] }], *rest] if rest && sets.positive?
      end

      def share_out(wanted, ways)
        way, *others = ways
        sets = wanted / @each[way].to_r
        with_rest(way, others.empty? ? sets.ceil : sets.floor, wanted, others)
      end

      # Lefts and rights that are no pairs are made one by one.
      def of_both_hands(pairs, singles, *)
        most = @unit.hands.values.min
        [most, most - 1].select(&:positive?).filter_map do |sets|
          rest = @unit.hands.transform_values { |wanted| wanted - sets }
          [[pairs, { hands: { left: sets, right: sets } }], [singles, { hands: rest }]] if rest.values.sum.positive?
        end
      end
    end
  end
end
