# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # A measure that is mostly normal, and now and then, when a line was read wrong, a jump away from
    # it: a mixture of normals, one for each way in which slips may come together. What hardly ever comes
    # together goes so many ways that one wide normal stands for it all.
    class Mixture
      # Enough to find a measure to a millionth of an inch.
      HALVINGS = 24
      # The parts that stay below the middle nine tenths, and below their end.
      MIDDLE = [0.05, 0.95].freeze
      # How seldom is hardly ever.
      LEAST = 3e-5
      # Where slips together may carry a measure, and how likely: alike for many measures.
      TOGETHER = Memo.new(1000)
      private_constant :TOGETHER

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
        @sd ||= Math.sqrt((@own_sd**2) + @slips.sum { |jump, chance| chance * (jump**2) })
      end

      # @return [Float] the part of the measures that lies between two limits, or on one of them
      def between(low, high)
        (under(high) - (low.infinite? ? 0.0 : under(low, itself: false))).clamp(0.0, 1.0)
      end

      # @param share [Float]
      # @return [Float] the measure that this part of all stays below
      def at(share)
        low, high = [-1, 1].map { |way| mean + (way * ((8 * @own_sd) + @slips.sum(&:first) + 1e-9)) }
        HALVINGS.times do
          middle = (low + high) / 2
          under(middle) < share ? low = middle : high = middle
        end
        (low + high) / 2
      end

      # @return [Array(Float, Float)] between which the middle nine tenths of the measures lie
      def middle
        @middle ||= MIDDLE.map { |share| at(share) }
      end

      private

      # @return [Float] the part of the measures below a limit
      def under(limit, itself: true)
        parts.sum { |jump, weight, sd| weight * (sd.zero? ? reached(limit, jump, itself) : below(limit, jump, sd)) }
      end

      # @return [Array<Array(Float, Float, Float)>] how far each part has jumped, its weight, and its spread
      def parts
        @parts ||= begin
          told = together.map { |jump, weight| [jump, weight, @own_sd] }
          rest = 1 - told.sum { |_, weight, _| weight }
          rest > 1e-12 ? [*told, [0.0, rest, many(told, rest)]] : told
        end
      end

      # The spread of what hardly ever happens: what of all variance the others leave.
      def many(told, rest)
        left = (sd**2) - (@own_sd**2) - told.sum { |jump, weight, _| weight * (jump**2) }
        Math.sqrt((@own_sd**2) + [left / rest, 0.0].max)
      end

      # Slips of every size, put together.
      # @return [Hash{Float => Float}] how far all have jumped, and how likely that is
      def together
        TOGETHER.fetch(@slips) do
          @slips.group_by(&:first).inject({ 0.0 => 1.0 }) do |all, (jump, same)|
            join(all, carried(same.map(&:last)).transform_keys { |times| times * jump })
          end
        end
      end

      # How many jumps of one size are left over when some go one way and some the other.
      def carried(chances)
        chances.inject({ 0 => 1.0 }) { |all, chance| join(all, { 0 => 1 - chance, 1 => chance / 2, -1 => chance / 2 }) }
      end

      def join(some, others)
        all = Hash.new(0.0)
        some.each { |one, weight| others.each { |other, chance| all[(one + other).round(6)] += weight * chance } }
        all.reject { |_, weight| weight < LEAST }
      end

      # What does not vary lies on one side of a limit, or on it.
      def reached(limit, jump, itself)
        at = mean + jump
        at < limit || (itself && at == limit) ? 1.0 : 0.0
      end

      def below(limit, jump, sd)
        (1 + Math.erf((limit - mean - jump) / (sd * SQRT2))) / 2
      end
    end
  end
end
