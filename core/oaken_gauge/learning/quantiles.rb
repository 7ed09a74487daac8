# frozen_string_literal: true

module OakenGauge
  module Learning
    # Where a share of a distribution lies, found by halving: of chi-square, of Student's t, of Beta. Their shares are the
    # incomplete gamma and beta functions, by their series and continued fraction.
    #
    # @example
    #   Quantiles.t(0.95, 6)             # => 1.943
    #   Quantiles.chi_square(0.05, 14)   # => 6.571
    module Quantiles
      HALVINGS = 60
      TERMS = 500
      TINY = 1e-300
      NEGLIGIBLE = 1e-14
      private_constant :HALVINGS, :TERMS, :TINY, :NEGLIGIBLE

      class << self
        # @param share [Float]
        # @param degrees [Numeric]
        # @return [Float]
        def chi_square(share, degrees)
          halved(0.0, degrees + (40 * Math.sqrt(degrees)) + 60) { |x| gamma(degrees / 2.0, x / 2) < share }
        end

        # @param share [Float] a half or more
        # @param degrees [Numeric]
        # @return [Float]
        def t(share, degrees)
          halved(0.0, 1e4) { |x| 1 - (beta_share(degrees / (degrees + (x * x)), degrees / 2.0, 0.5) / 2) < share }
        end

        # @param reach [Float]
        # @param degrees [Numeric]
        # @return [Float] how much of Student's t lies within that of its middle
        def t_within(reach, degrees)
          1 - beta_share(degrees / (degrees + (reach * reach)), degrees / 2.0, 0.5)
        end

        # @param share [Float]
        # @return [Float]
        def beta(share, one, other)
          halved(0.0, 1.0) { |x| beta_share(x, one, other) < share }
        end

        private

        def halved(low, high)
          HALVINGS.times do
            middle = (low + high) / 2
            yield(middle) ? low = middle : high = middle
          end
          (low + high) / 2
        end

        # The share of a gamma distribution below x: x^a e^-x Σ x^n / (a(a + 1)…(a + n)) / Γ(a).
        def gamma(shape, at)
          return 0.0 if at <= 0

          sum = term = 1.0 / shape
          (1..).each { |n| (sum += (term *= at / (shape + n))) && term < sum * NEGLIGIBLE && break }
          [Math.exp((shape * Math.log(at)) - at - Math.lgamma(shape).first) * sum, 1.0].min
        end

        # The share of a Beta distribution below x; beyond its middle, from the other end.
        def beta_share(at, one, other)
          return at.clamp(0.0, 1.0).round.to_f unless at.between?(TINY, 1 - Float::EPSILON)
          return 1 - beta_share(1 - at, other, one) if at > (one + 1.0) / (one + other + 2)

          front(at, one, other) * fraction(at, one, other)
        end

        def front(at, one, other)
          density = (one * Math.log(at)) + (other * Math.log(1 - at)) - log_beta(one, other)
          Math.exp(density) / one
        end

        def log_beta(*shapes)
          shapes.sum { |shape| Math.lgamma(shape).first } - Math.lgamma(shapes.sum).first
        end

        # The continued fraction, from its front (Lentz).
        def fraction(at, one, other)
          value = d = 1 / away_from_nothing(1 - ((one + other) * at / (one + 1)))
          c = 1.0
          parts(at, one, other) do |part|
            d = 1 / away_from_nothing(1 + (part * d))
            c = away_from_nothing(1 + (part / c))
            value *= d * c
            break if ((d * c) - 1).abs < NEGLIGIBLE
          end
          value
        end

        def parts(at, one, other, &)
          (1..TERMS).each { |place| even_and_odd(at, one, other, place).each(&) }
        end

        def even_and_odd(at, one, other, place)
          twice = one + (2 * place)
          [place * (other - place) * at / ((twice - 1) * twice), -(one + place) * (one + other + place) * at / (twice * (twice + 1))]
        end

        def away_from_nothing(number)
          number.abs < TINY ? TINY : number
        end
      end
    end
  end
end
