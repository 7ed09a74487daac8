# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module ErrorModel
    # Draws of many independent normal errors, the same ones every time: points of a lattice (Korobov, 1959), which lie
    # more evenly than chance would have them, each coordinate turned into a normal one.
    module Draws
      # How many units are looked at, a prime, and a primitive root of it.
      COUNT = 4093
      ROOT = 760
      # How far one coordinate is shifted on against the one before it, so that no point lies on all axes at once.
      SHIFT = 0.37
      LEAST = 1e-9
      # Rational approximation of the inverse of the normal distribution (Acklam, 2003), good to 1e-9 of the result.
      NEAR = [[-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.3577518672690, -30.66479806614716, 2.506628277459239],
              [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572, 1.0]].freeze
      FAR = [[-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783],
             [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1.0]].freeze
      TAIL = 0.02425
      KEPT = Memo.new(40)
      ERRORS = Memo.new(100)
      private_constant :KEPT, :ERRORS

      class << self
        # @param sources [Integer]
        # @return [Numo::DFloat] a row for each source: how many of its standard deviations it is off, unit by unit
        def normal(sources)
          KEPT.fetch(sources) { Numo::DFloat.vstack(Array.new(sources) { |i| inverse(coordinate(i)) }) }
        end

        # Errors of one standard deviation, the first of them nothing; and lines read wrong: mostly nothing, now and then one,
        # either way.
        #
        # @param normals [Integer] at least one
        # @param chances [Array<Float>] how likely each line is read wrong
        # @return [Numo::DFloat] a row for each
        def errors(normals, chances)
          ERRORS.fetch([normals, chances]) do
            rows = normal(normals + chances.size)
            slips = chances.each_with_index.map { |chance, i| slips(rows[normals + i, true], normal_at(1 - (chance / 2))) }
            Numo::DFloat.vstack([Numo::DFloat.zeros(COUNT), *(1...normals).map { |i| rows[i, true] }, *slips])
          end
        end

        # @param share [Float] between 0 and 1
        # @return [Float] what a normal error stays below so often, in standard deviations
        def normal_at(share)
          inverse(Numo::DFloat[share])[0]
        end

        private

        def slips(normal, limit)
          Numo::DFloat.cast(normal > limit) - Numo::DFloat.cast(normal < -limit)
        end

        def coordinate(index)
          step = ROOT.pow(index, COUNT)
          at = ((Numo::DFloat.new(COUNT).seq(1) * step) + 0.5) / COUNT
          at += (SHIFT * index) % 1
          (at - at.floor).clip(LEAST, 1 - LEAST)
        end

        def inverse(share)
          middle = share - 0.5
          near = middle * ratio(NEAR, middle * middle)
          tail = Numo::DFloat.minimum(share, 1 - share)
          far = ratio(FAR, Numo::NMath.sqrt(Numo::NMath.log(tail) * -2)) * ((Numo::DFloat.cast(share < 0.5) * 2) - 1)
          in_tail = Numo::DFloat.cast(tail < TAIL)
          (near * (1 - in_tail)) + (far * in_tail)
        end

        def ratio((above, below), at)
          above.inject(0.0) { |sum, factor| (sum * at) + factor } / below.inject(0.0) { |sum, factor| (sum * at) + factor }
        end
      end
    end
  end
end
