# frozen_string_literal: true

module OakenGauge
  module Weighing
    # A measure that is mostly normal, and now and then, when a line was read wrong, a jump away from
    # it: a mixture of normals, one for no slip, one for each slip, one for each two. Three and more at
    # once are rare and go so many ways that one wide normal stands for them all.
    class Mixture
      # Enough to find a measure to a millionth of an inch.
      HALVINGS = 24

      # @return [Float] inches, slips and all: those go either way alike
      attr_reader :mean

      # @param mean [Float] inches
      # @param sd [Float] without slips, inches
      # @param slips [Array<Array(Float, Float)>] how far the measure jumps, either way, and how likely
      def initialize(mean:, sd:, slips: [])
        @mean = mean
        @own_sd = sd
        @slips = slips.map { |jump, chance| [jump.abs.round(6), chance] }.reject { |jump, chance| jump < 1e-5 || chance.zero? }
      end

      # @return [Float] inches, slips and all
      def sd
        Math.sqrt((@own_sd**2) + @slips.sum { |jump, chance| chance * (jump**2) })
      end

      # @return [Float] the part of the measures that lies between two limits
      def between(low, high)
        (under(high) - (low.infinite? ? 0.0 : under(low))).clamp(0.0, 1.0)
      end

      # @param share [Float]
      # @return [Float] the measure that this part of all stays below
      def at(share)
        low, high = [-1, 1].map { |way| mean + (way * ((8 * @own_sd) + (2 * (@slips.map(&:first).max || 0)) + 1e-9)) }
        HALVINGS.times do
          middle = (low + high) / 2
          under(middle) < share ? low = middle : high = middle
        end
        (low + high) / 2
      end

      private

      # @return [Float] the part of the measures below a limit
      def under(limit)
        parts.sum { |jump, weight, sd| weight * below(limit, jump, sd) }
      end

      # @return [Array<Array(Float, Float, Float)>] how far each part has jumped, its weight, and its spread
      def parts
        @parts ||= begin
          few = told.map { |jump, weight| [jump, weight, @own_sd] }
          rest = 1 - few.sum { |_, weight, _| weight }
          rest > 1e-12 ? [*few, [0.0, rest, many(few, rest)]] : few
        end
      end

      # No slip, one, and two.
      def told
        none = @slips.inject(1.0) { |all, (_, chance)| all * (1 - chance) }
        all = [[0.0, none], *single(odds, none), *double(odds, none)]
        all.group_by { |jump, _| jump.round(6) }.map { |jump, same| [jump, same.sum(&:last)] }
      end

      # The spread of three slips and more: what of all variance the others leave.
      def many(few, rest)
        left = (sd**2) - (@own_sd**2) - few.sum { |jump, weight, _| weight * (jump**2) }
        Math.sqrt((@own_sd**2) + [left / rest, 0.0].max)
      end

      # How likely a jump of each size is, against none; and the slips that it may come from.
      def odds
        @odds ||= @slips.group_by(&:first).map { |jump, same| [jump, same.sum { |_, chance| chance / (1 - chance) }, same] }
      end

      def single(odds, none)
        odds.flat_map { |jump, odd, _| both_ways(jump, none * odd) }
      end

      # Two slips: of two sizes, or twice of one.
      def double(odds, none)
        unlike = odds.combination(2).flat_map { |(one, odd, _), (other, chance, _)| pairs(one, other, none * odd * chance) }
        unlike + odds.flat_map { |jump, odd, same| pairs(jump, jump, none * ((odd**2) - same.sum { |_, c| (c / (1 - c))**2 }) / 2) }
      end

      def pairs(one, other, weight)
        both_ways(one + other, weight / 2) + both_ways(one - other, weight / 2)
      end

      def both_ways(jump, weight)
        [[jump, weight / 2], [-jump, weight / 2]]
      end

      def below(limit, jump, sd)
        return limit >= mean + jump ? 1.0 : 0.0 if sd.zero?

        (1 + Math.erf((limit - mean - jump) / (sd * SQRT2))) / 2
      end
    end
  end
end
