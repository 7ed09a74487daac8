# frozen_string_literal: true

module OakenGauge
  module Learning
    # What a reading is rounded to is part of its spread: read to the next 1/64, one standard deviation of it is
    # (1/64)/√12 = 0.0045.
    module Rounding
      LINES = [1r, 1/2r, 1/4r, 1/8r, 1/16r, 1/32r, 1/64r].freeze
      # Of a metric rule, inches.
      HALF_MILLIMETRE = 5/254r

      # @param readings [Array<Rational>] inches
      # @return [Float] inches
      def self.of(readings)
        step = LINES.find { |line| readings.all? { |one| (one / line).denominator == 1 } } || HALF_MILLIMETRE
        [step, 1/16r].min / Math.sqrt(12)
      end
    end
  end
end
