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
      # As a fence is dragged, many a stop has the same rounding as another.
      SHARES = Memo.new(1000)
      private_constant :SHARES
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
        @measures.empty? ? 1.0 : SHARES.fetch(key) { right }
      end

      private

      def key
        measures, *limits = @measures.transpose
        [@budget.from, measures.map(&:off), *limits]
      end

      def right
        others = drawn
        low, high, sure = @measures.each_index.inject(all) do |left, i|
          measure, *limits = @measures[i]
          narrowed(left, others[i, true] + mean(measure), factors[i].first, *limits)
        end
        ((below(high) - below(low)).clip(0, 1) * sure).mean
      end

      # Before anything is asked of them.
      def all
        [-FAR, FAR, 1.0].map { |from| Numo::DFloat.new(Draws::COUNT).fill(from) }
      end

      def mean(measure)
        measure.off + measure.shares.zip(@sources).sum { |share, source| share * source.mean }
      end

      # What a measure leaves of the interval of the first error, and of the units.
      def narrowed((low, high, sure), at, moves, least, most)
        return [low, high, sure * Numo::DFloat.cast((at >= least) & (at <= most))] if moves.abs < Plane::SAME

        ends = [least, most].map { |limit| reached(limit, at, moves) }
        ends.reverse! if moves.negative?
        [Numo::DFloat.maximum(low, ends.first), Numo::DFloat.minimum(high, ends.last), sure]
      end

      def reached(limit, at, moves)
        return (limit - at) / moves unless limit.infinite?

        at.new_fill(limit.positive? == moves.positive? ? FAR : -FAR)
      end

      def below(ends)
        (Numo::NMath.erf(ends / SQRT2) + 1) / 2
      end

      # For each measure what an independent error of one moves it by, the first first.
      def factors
        @factors ||= Factors.of(@measures.map { |measure, _| measure.shares.zip(@sources).map { |share, source| share * source.sd } })
      end

      # What each measure is off by everything but the first error, which is nothing here; a row for each.
      def drawn
        moves = @measures.zip(factors).map { |(measure, _), own| own + slips.map { |i| measure.shares[i] * @sources[i].by } }
        Numo::DFloat.cast(moves).dot(Draws.errors(factors.first.size, @sources.values_at(*slips).map(&:chance)))
      end

      # Which of the errors are lines read wrong.
      def slips
        @slips ||= @sources.each_index.select { |i| @sources[i].slip? }
      end
    end
  end
end
