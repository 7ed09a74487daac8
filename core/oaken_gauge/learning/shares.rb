# frozen_string_literal: true

module OakenGauge
  module Learning
    # How often something happened, of so many times, and what that makes of the share that was known before.
    class Shares
      # @param hits [Integer]
      # @param of [Integer]
      # @param before [Float] the share
      # @param count [Integer] measurements that it rests on
      def initialize(hits, of, before:, count: 0)
        @hits = hits
        @of = of
        @before = before
        @known = Sample::ASSUMED + count
      end

      # @return [Integer]
      def weight
        @known + @of
      end

      # @return [Float]
      def share
        happened / weight
      end

      # @return [Array(Float, Float)] where it lies, nine in ten
      def between
        [Sample::LEFT_OUT, 1 - Sample::LEFT_OUT].map { |at| Quantiles.beta(at, [happened, 1e-9].max, [weight - happened, 1e-9].max) }
      end

      private

      def happened
        (@known * @before) + @hits
      end
    end
  end
end
