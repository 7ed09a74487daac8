# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # Units made at random of several ways, each in its share: the same figures as {Sampling}.
    class MixedSample
      # @param parts [Array<Array(Sampling, Float)>]
      def initialize(parts)
        @parts = parts
      end

      # @return [Integer]
      def count
        @parts.first.first.count
      end

      # @return [Integer]
      def seed
        @parts.first.first.seed
      end

      # @return [Hash{Symbol => Float}]
      def figures
        @parts.first.first.figures.keys.to_h { |name| [name, figure(name)] }
      end

      # @return [Boolean] whether every figure of every way agrees with its budget's
      def agrees?
        @parts.all? { |sampling, _| sampling.agrees? }
      end

      # @return [Float]
      def all_good
        mean(&:all_good)
      end

      private

      # Of spreads the squares are means, and of sizes what the ways differ by comes to it.
      def figure(name)
        return mean { |one| one.figures[name] } unless name.end_with?("_sd")

        own = mean { |one| one.figures[name]**2 }
        Math.sqrt(name == :size_sd ? own + between : own)
      end

      def between
        mean { |one| (one.figures[:size_bias] - figure(:size_bias))**2 }
      end

      def mean(&figure)
        @parts.sum { |sampling, share| share * figure.call(sampling) }
      end
    end
  end
end
