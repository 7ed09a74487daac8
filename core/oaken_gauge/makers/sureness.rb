# frozen_string_literal: true

module OakenGauge
  module Makers
    # How sure a value of a profile is, from how many measurements it rests on: one standard error.
    #
    # - of a spread, a standard deviation found from n: `sd / √(2(n − 1))`
    # - of a mean of n: the spread around it over `√n`
    # - of a share p of n: `√(p(1 − p)/n)`, with one more of either kind counted in, so that none seen among
    #   few is not taken for certain
    module Sureness
      class << self
        # @param parameter [Parameter]
        # @param profile [Profile] in which it was measured
        # @return [Float, nil] in the parameter's unit; nil where it cannot be told
        def of(parameter, profile)
          value = profile[parameter.name]
          count = profile.count(parameter.name)
          case parameter.tells
          when :spread then value / Math.sqrt(2 * (count - 1)) if count > 1
          when :mean then profile[parameter.around] / Math.sqrt(count) if parameter.around
          when :share then of_share(value, count)
          end
        end

        private

        def of_share(share, count)
          likely = ((share * count) + 1) / (count + 2.0)
          Math.sqrt(likely * (1 - likely) / count)
        end
      end
    end
  end
end
