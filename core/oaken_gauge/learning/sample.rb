# frozen_string_literal: true

module OakenGauge
  module Learning
    # All readings of one value, from however many tests, and what they make of it. What was known before counts as four
    # measurements, and as many more as it already rests on: a spread σ₀ as σ² scaled inverse chi-square, a mean m₀ as normal with
    # variance σ²/w about it. After n readings, with w before:
    #
    #   mean (w m₀ + Σx) / (w + n)
    #   σ²   (w σ₀² + Σ(x - x̄)² + w n/(w + n) · (x̄ - m₀)²) / (w + n)
    #
    # What a reading is rounded to is part of its spread.
    class Sample
      # How many measurements an assumed value is worth.
      ASSUMED = 4
      # What intervals leave out at either end.
      LEFT_OUT = 0.05

      # @param found [Array<Float>]
      # @param mean [Float] as it was known
      # @param spread [Float] the same
      # @param count [Integer] measurements that those rest on
      def initialize(found, mean:, spread:, count: 0)
        @found = found
        @before = mean
        @spread_before = spread
        @weight = ASSUMED + count
      end

      # @return [Integer] what it weighs now, and its degrees of freedom
      def weight
        @weight + @found.size
      end

      # @return [Float]
      def mean
        ((@weight * @before) + @found.sum) / weight
      end

      # @return [Float] one standard deviation of a reading
      def spread
        middle = @found.sum / @found.size
        own = @found.sum { |one| (one - middle)**2 }
        moved = @weight * @found.size / weight.to_f * ((middle - @before)**2)
        Math.sqrt(((@weight * (@spread_before**2)) + own + moved) / weight)
      end

      # @return [Array(Float, Float)] where the mean lies, nine in ten
      def mean_between
        reach = Quantiles.t(1 - LEFT_OUT, weight) * spread / Math.sqrt(weight)
        [mean - reach, mean + reach]
      end

      # @return [Array(Float, Float)] where the spread lies, nine in ten
      def spread_between
        [1 - LEFT_OUT, LEFT_OUT].map { |share| Math.sqrt(weight * (spread**2) / Quantiles.chi_square(share, weight)) }
      end
    end
  end
end
