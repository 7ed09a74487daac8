# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Rebuilding
    # Errors one by one, in the place of {Chance}: of a row of units two for each error, off by a little of it either way and
    # by nothing else. What their measures differ by tells what each error moves.
    class Nudges
      # A little, inches: what is not straight in it does not show.
      LITTLE = 1e-4

      # @param count [Integer] errors
      def initialize(count)
        @count = count
        @asked = 0
      end

      # @return [Numo::DFloat] inches
      def spread(*)
        row = Numo::DFloat.zeros(2 * @count)
        row[@asked] = LITTLE
        row[@count + @asked] = -LITTLE
        @asked += 1
        row
      end
      alias always spread
      alias slip spread

      # @param measure [Float, Numo::DFloat] of all units
      # @return [Array<Float>] what each error moves it by, inches for an inch
      def told(measure)
        return [0.0] * @count unless measure.is_a?(Numo::DFloat)

        ((measure[0...@count] - measure[@count..]) / (2 * LITTLE)).to_a
      end
    end
  end
end
