# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module ErrorModel
    # Several measures that vary together, told by as few independent errors as will do: each measure moves by a part of
    # each of these, and together they vary and hang together as before (Cholesky's factors of their covariances, the widest
    # first).
    #
    # @example Two measures, off by one and the same error
    #   Factors.of([[0.01, 0.0], [0.02, 0.0]])   # => [[0.01], [0.02]]
    module Factors
      # What is left of a variance beside the widest that counts as nothing.
      NOTHING = 1e-12

      class << self
        # @param moves [Array<Array<Float>>] for each measure what each error of one standard deviation moves it by
        # @return [Array<Array<Float>>] for each measure the same of the new errors; at least one
        def of(moves)
          left = Numo::DFloat.cast(moves).then { |matrix| matrix.dot(matrix.transpose) }.to_a
          least = widest(left).last * NOTHING
          factors = [taken(left)]
          factors << taken(left) while factors.size < left.size && widest(left).last > least
          factors.transpose
        end

        private

        # @return [Array(Integer, Float)] which measure varies most, and its variance
        def widest(left)
          left.each_index.map { |i| [i, left[i][i]] }.max_by(&:last)
        end

        # What the widest measure that is left has in common with all, which is taken out of them.
        def taken(left)
          place, variance = widest(left)
          sd = Math.sqrt([variance, 0.0].max)
          parts = left[place].map { |common| sd.zero? ? 0.0 : common / sd }
          left.each_with_index { |row, i| row.each_index { |j| row[j] -= parts[i] * parts[j] } unless parts[i].zero? }
          parts
        end
      end
    end
  end
end
