# frozen_string_literal: true

module OakenGauge
  module Construction
    # A length that errors move: what it is with none of them, and how much each of them moves it, inches for an inch. It is
    # added, multiplied and divided like any number, so that one making of a unit tells of every measure what moves it.
    # Of a product only what is linear is kept.
    #
    # @example
    #   off = Linear.new(0.0, Numo::DFloat[1, 0])
    #   (3 - (2 * off)).shares   # => [-2, 0]
    class Linear
      # @return [Float] inches, with nothing off
      attr_reader :constant
      # @return [Numo::DFloat, Float] one number for each error; one for all where none moves it
      attr_reader :shares

      def initialize(constant, shares)
        @constant = constant
        @shares = shares
      end

      # @return [Linear]
      def +(other)
        told(other) { |number, moved| Linear.new(constant + number, shares + moved) }
      end

      # @return [Linear]
      def -(other)
        told(other) { |number, moved| Linear.new(constant - number, shares - moved) }
      end

      # @return [Linear]
      def *(other)
        told(other) { |number, moved| Linear.new(constant * number, (shares * number.to_f) + (moved * constant.to_f)) }
      end

      # @return [Linear]
      def /(other)
        told(other) do |number, moved|
          quotient = constant / number
          Linear.new(quotient, (shares - (moved * quotient.to_f)) / number.to_f)
        end
      end

      # @return [Linear]
      def -@
        Linear.new(-constant, -shares)
      end

      # @return [Array(Linear, Linear)] a number before it as one that nothing moves
      def coerce(number)
        [Linear.new(number, 0.0), self]
      end

      private

      def told(other)
        other.is_a?(Linear) ? yield(other.constant, other.shares) : yield(other, 0.0)
      end
    end
  end
end
