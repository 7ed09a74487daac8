# frozen_string_literal: true

module OakenGauge
  module Planning
    # Lengths that are sums of some: what strips take together is one.
    class Sums
      # More steps than are gone through: so far up nearly every length is a sum.
      MOST = 4_000_000

      # @param parts [Array<Rational>] inches
      def initialize(parts)
        @steps = Steps.new(parts, parts.max, Float::INFINITY)
        @parts = parts.map { |part| @steps.of(part) }
      end

      # @param least [Numeric] inches
      # @param most [Rational] inches, one of the sums
      # @return [Rational] the first sum that is no less, inches; where there are too many to tell, the first step that is no less
      def least(least, most)
        from = (least / @steps.step).ceil
        to = (most / @steps.step).to_i
        return most if from >= to
        return from * @steps.step if to > MOST

        sums = reached(to) >> from
        (from + (sums & -sums).bit_length - 1) * @steps.step
      end

      private

      # Every sum up to a length, a bit for each step.
      def reached(last)
        mask = (1 << (last + 1)) - 1
        @parts.reduce(1) do |bits, part|
          while part <= last
            bits |= (bits << part) & mask
            part *= 2
          end
          bits
        end
      end
    end
  end
end
