# frozen_string_literal: true

module OakenGauge
  module Construction
    # A length that errors move: what it is with none of them, and how much each of them moves it, inches for an inch. It is
    # added, multiplied and divided like any number, so that one making of a unit tells of every measure what moves it.
    # Of a product only what is linear is kept.
    #
    # @example
    #   off = Linear.new(0.0, { 0 => 1.0 })
    #   (3 - (2 * off)).shares   # => { 0 => -2.0 }
    class Linear
      NOTHING = {}.freeze

      # @return [Float] inches, with nothing off
      attr_reader :constant
      # @return [Hash{Integer => Float}] for each error that moves it, by its number: most are moved by a few of many
      attr_reader :shares

      def initialize(constant, shares)
        @constant = constant
        @shares = shares
      end

      # Beside a plain number the errors stay as they are.
      # @return [Linear]
      def +(other)
        return Linear.new(constant + other, shares) unless other.is_a?(Linear)

        Linear.new(constant + other.constant, added(shares, other.shares, 1.0))
      end

      # @return [Linear]
      def -(other)
        return Linear.new(constant - other, shares) unless other.is_a?(Linear)

        Linear.new(constant - other.constant, added(shares, other.shares, -1.0))
      end

      # @return [Linear]
      def *(other)
        return Linear.new(constant * other, scaled(other)) unless other.is_a?(Linear)

        Linear.new(constant * other.constant, added(scaled(other.constant), other.shares, constant.to_f))
      end

      # @return [Linear]
      def /(other)
        return Linear.new(constant / other, scaled(1.0 / other)) unless other.is_a?(Linear)

        quotient = constant / other.constant
        Linear.new(quotient, added(scaled(1.0 / other.constant), other.shares, -quotient.to_f / other.constant))
      end

      # @return [Linear]
      def -@
        Linear.new(-constant, scaled(-1.0))
      end

      # @return [Array(Linear, Linear)] a number before it as one that nothing moves
      def coerce(number)
        [Linear.new(number, NOTHING), self]
      end

      private

      # Most directions lie along an axis: what is multiplied by nothing is not worked out.
      def scaled(factor)
        return NOTHING if factor.zero?

        factor = factor.to_f
        shares.transform_values { |share| share * factor }
      end

      # So many times the others beside its own.
      def added(own, others, times)
        return own if others.empty? || times.zero?

        sum = own.dup
        others.each { |error, share| sum[error] = (sum[error] || 0.0) + (times * share) }
        sum
      end
    end
  end
end
