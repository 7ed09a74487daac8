# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # A measure of units made in several ways: each way has its own mixture, and its share of the units.
    class Blend
      # @param parts [Array<Array(Mixture, Float)>] the shares add up to one
      def initialize(parts)
        @parts = parts
      end

      # @return [Float] inches
      def mean
        @parts.sum { |mixture, share| share * mixture.mean }
      end

      # What varies within each way, and what lies between them.
      # @return [Float] inches
      def sd
        Math.sqrt(@parts.sum { |mixture, share| share * (mixture.sd**2) } + between_parts)
      end

      # @return [Float] square inches, the variance of the ways' means
      def between_parts
        @parts.sum { |mixture, share| share * ((mixture.mean - mean)**2) }
      end

      # @return [Float] the part of the measures that lies between two limits, or on one of them
      def between(low, high)
        @parts.sum { |mixture, share| share * mixture.between(low, high) }
      end

      # Between those of the parts.
      # @param share [Float]
      # @return [Float] the measure that this part of all stays below
      def at(share)
        low, high = @parts.map { |mixture, _| mixture.at(share) }.minmax
        Mixture::HALVINGS.times do
          middle = (low + high) / 2
          between(-Float::INFINITY, middle) < share ? low = middle : high = middle
        end
        (low + high) / 2
      end

      # @return [Array(Float, Float)] between which the middle nine tenths of the measures lie
      def middle
        @middle ||= Mixture::MIDDLE.map { |share| at(share) }
      end
    end
  end
end
