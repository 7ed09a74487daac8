# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # The error budget of a method: what its unit measures with nothing off, by rounding and margins
    # alone, and how much each error moves that. Variances then add up, and so does what is always off.
    class Budget
      # One measure of the unit. - off: what it is off by with no errors at all, inches; - shares: what it
      # moves for each source, inches for an inch; - place: which of the construction's measures it is
      Measure = Struct.new(:off, :shares, :place)

      # @return [Array<Construction::Source>]
      attr_reader :sources
      # @return [Integer] edges on the bias that are handled raw
      attr_reader :bias_edges
      # @return [Makers::Profile] how large the errors are
      attr_reader :profile

      # @param way [Methods::Method]
      def initialize(way)
        @profile = way.task.maker.profile
        note = Construction::Draws.new(@profile)
        made = way.rebuilding.call(note)
        @sources = note.sources
        @bias_edges = made.bias_edges
        @offs = [made.sizes, made.points, made.slack].map { |measures| measures.map { |off| off.round(9) } }
        @found = Sensitivities.of(way, sources)
      end

      # @return [Array] all that tells it from another
      def told
        [@found, @profile, @offs, @bias_edges]
      end

      # @return [Array<Measure>] of the unit's sizes
      def sizes
        @sizes ||= measures(@offs[0], @found.sizes)
      end

      # @return [Array<Measure>] of its height and its width, and of whatever else is measured, even where they are off alike
      def sides
        @offs[0].zip(@found.sizes).map.with_index { |(off, row), i| Measure.new(off, row, i) }
      end

      # @return [Array<Measure>] of its points
      def points
        @points ||= measures(@offs[1], @found.points)
      end

      # @return [Array<Measure>] of what there is to trim
      def slack
        @slack ||= measures(@offs[2], @found.slack)
      end

      # @param measure [Measure]
      # @return [Mixture] how it comes out over many units
      def mixture(measure)
        (@mixtures ||= {}.compare_by_identity)[measure] ||= mix(measure.off, measure.shares)
      end

      # @return [Array<Float>] of each source, square inches
      def variances
        @variances ||= sources.map(&:variance)
      end

      private

      def mix(off, shares)
        Mixture.new(mean: off + always.sum { |i| shares[i] * sources[i].mean }, sd: spread(shares),
                    slips: slips.map { |i| [shares[i] * sources[i].by, sources[i].chance] })
      end

      # Without slips, inches.
      def spread(shares)
        Math.sqrt((0...shares.size).sum { |i| (shares[i] * sources[i].sd)**2 })
      end

      # Few of the errors are off always, and few are lines read wrong.
      def always
        @always ||= sources.each_index.reject { |i| sources[i].mean.zero? }
      end

      def slips
        @slips ||= sources.each_index.select { |i| sources[i].slip? }
      end

      def measures(offs, shares)
        offs.zip(shares).map.with_index { |(off, row), i| Measure.new(off, row, i) }
            .uniq { |measure| [measure.off, measure.shares.object_id] }
      end
    end
  end
end
