# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module ErrorModel
    # How many units are right in everything at once: every size and every point within its limit, and enough to trim at
    # every side. One and the same error moves several of them, so their shares may neither be multiplied nor the worst
    # taken for all.
    #
    # What the measures are off by together comes of as few independent errors as there are measures ({Factors}). Units are
    # drawn, the same every time, with all of these but the first. For each, what of the first keeps everything right is an
    # interval, and its share is known exactly.
    class Together
      # Nothing is off farther, in standard deviations.
      FAR = 1e6

      # @param budget [Budget]
      # @param measures [Array<Array(Budget::Measure, Float, Float)>] of it, each with the least and the most it may be off
      def initialize(budget, measures)
        @budget = budget
        @sources = budget.sources
        @measures = measures
      end

      # @return [Float]
      def share
        @measures.empty? ? 1.0 : right
      end

      private

      def right
        low, high, sure = @measures.each_index.inject(all) { |left, place| narrowed(left, place) }
        ((Numo::NMath.erf(high) - Numo::NMath.erf(low)).clip(0, 2) * sure).mean / 2
      end

      # Before anything is asked of them.
      def all
        [*[-FAR, FAR].map { |from| Numo::DFloat.new(Draws::COUNT).fill(from) }, 1.0]
      end

      # What a measure leaves of the interval of the first error (here in √2 of a standard deviation, as erf takes it), and of
      # the units.
      def narrowed((low, high, sure), place)
        measure, *limits = @measures[place]
        moves = factors[place].first * SQRT2
        others = drawn[place, true] + mean(measure)
        return [low, high, sure * within(others, *limits)] if moves.abs < Plane::SAME

        least, most = reached(others / -moves, moves.negative? ? limits.reverse : limits, moves)
        [least ? Numo::DFloat.maximum(low, least) : low, most ? Numo::DFloat.minimum(high, most) : high, sure]
      end

      def within(others, least, most)
        Numo::DFloat.cast((others >= least) & (others <= most))
      end

      def reached(rest, limits, moves)
        limits.map { |limit| rest + (limit / moves) unless limit.infinite? }
      end

      def mean(measure)
        measure.off + measure.shares.zip(@sources).sum { |share, source| share * source.mean }
      end

      # For each measure what an independent error of one moves it by, the first first.
      def factors
        @factors ||= Factors.of(@measures.map { |measure, _| measure.shares.zip(@sources).map { |share, source| share * source.sd } })
      end

      # What each measure is off by everything but the first error, which is nothing here; a row for each.
      def drawn
        @drawn ||= begin
          moves = @measures.zip(factors).map { |(measure, _), own| own + slips.map { |i| measure.shares[i] * @sources[i].by } }
          Numo::DFloat.cast(moves).dot(Draws.errors(factors.first.size, @sources.values_at(*slips).map(&:chance)))
        end
      end

      # Which of the errors are lines read wrong.
      def slips
        @slips ||= @sources.each_index.select { |i| @sources[i].slip? }
      end
    end
  end
end
