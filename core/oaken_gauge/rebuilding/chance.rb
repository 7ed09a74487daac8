# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Rebuilding
    # The errors of many units, drawn anew each time one is asked for; what {Construction::Draws} hands out one by one. What
    # never varies is one number.
    class Chance
      # @param profile [Makers::Profile]
      # @param count [Integer] units
      def initialize(profile, count)
        @profile = profile
        @count = count
      end

      # @param kind [Symbol] a value of the profile: a standard deviation
      # @return [Float, Numo::DFloat] inches
      def spread(_step, kind)
        sd = @profile[kind].to_f
        bias = @profile.bias(kind)
        sd.zero? ? bias : Numo::DFloat.new(@count).rand_norm(bias, sd)
      end

      # @param kind [Symbol] a value of the profile that everything is off by
      # @return [Float] inches
      def always(_step, kind, sign = 1)
        sign * @profile[kind].to_f
      end

      # Mostly nothing; now and then a line is read wrong, either way.
      # @return [Numo::DFloat] inches
      def slip(_step)
        chance, by = %i[misread misread_by].map { |name| @profile[name].to_f }
        at = Numo::DFloat.new(@count).rand
        (Numo::DFloat.cast(at.lt(chance / 2)) - Numo::DFloat.cast(at.gt(1 - (chance / 2)))) * by
      end
    end
  end
end
