# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Weighing
    # How many units are right in everything at once: every size and every point within its limit, and enough to trim at
    # every side. One and the same error moves several of them, so their shares may neither be multiplied nor the worst
    # taken for all.
    #
    # Units are drawn, the same every time, with all errors but the one that moves most. For each, what of that error
    # keeps everything right is an interval, and its share is known exactly.
    class Together
      # As a fence is dragged, a way of making a unit has the same errors at every size, and mostly the same rounding.
      DRAWN = Memo.new(200)
      SHARES = Memo.new(1000)
      private_constant :DRAWN, :SHARES
      # Nothing is off farther, in standard deviations.
      FAR = 1e6

      # @param sources [Array<Construction::Source>]
      # @param measures [Array<Array(Budget::Measure, Float, Float)>] each with the least and the most it may be off
      def initialize(sources, measures)
        @sources = sources
        @measures = measures
      end

      # @return [Float]
      def share
        @measures.empty? ? 1.0 : SHARES.fetch([@measures.map { |measure, *limits| [measure.off, *limits] }, key]) { right }
      end

      private

      def right
        low, high, sure = [-FAR, FAR, 1.0].map { |from| Numo::DFloat.new(Draws::COUNT).fill(from) }
        @measures.each_with_index { |measure, i| low, high, sure = narrowed([low, high, sure], drawn[i, true], *measure) }
        ((below(high) - below(low)).clip(0, 1) * sure).mean
      end

      # Everything that the draws depend on.
      def key
        @key ||= [@measures.map { |measure, _, _| measure.shares }, @sources.map(&:to_a)]
      end

      # What a measure leaves of the interval of the freest error, and of the units.
      def narrowed((low, high, sure), others, measure, least, most)
        moves = moved_by_freest(measure)
        at = others + measure.off
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

      # The error that moves most, which is not drawn.
      def freest
        @freest ||= @sources.each_index.reject { |i| @sources[i].sd.zero? }.max_by { |i| moved_by(i) }
      end

      def moved_by_freest(measure)
        freest ? measure.shares[freest] * @sources[freest].sd : 0.0
      end

      def moved_by(source)
        (@sources[source].sd**2) * @measures.sum { |measure, _, _| measure.shares[source]**2 }
      end

      # What each measure is off by the other errors, a row for each measure.
      def drawn
        @drawn ||= DRAWN.fetch(key) { shares.dot(errors) }
      end

      def shares
        Numo::DFloat.cast(@measures.map { |measure, _, _| measure.shares })
      end

      def errors
        normal = Draws.normal(@sources.size)
        rows = @sources.each_index.map { |i| error(@sources[i], normal[i, true], drawn: i != freest) }
        Numo::DFloat.vstack(rows)
      end

      def error(source, normal, drawn:)
        return slips(source, normal) if source.slip?

        drawn ? (normal * source.sd) + source.mean : normal.new_fill(source.mean)
      end

      # Mostly nothing; now and then off, either way.
      def slips(source, normal)
        limit = Draws.normal_at(1 - (source.chance / 2))
        (Numo::DFloat.cast(normal > limit) - Numo::DFloat.cast(normal < -limit)) * source.by
      end
    end
  end
end
