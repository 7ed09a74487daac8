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
      # @return [Array<Measure>] of the unit's sizes, of its points, and of what there is to trim
      attr_reader :sizes, :points, :slack
      # @return [Array] what the shares and the sources come from: alike where both are
      attr_reader :from

      # @param way [Methods::Method]
      def initialize(way)
        construction = way.construction
        note = Construction::Draws.new(way.task.maker.profile)
        made = construction.call(note)
        @sources = note.sources
        @bias_edges = made.bias_edges
        found = Sensitivities.of(way, construction, sources)
        @from = [found, way.task.maker.profile].freeze
        @sizes, @points, @slack = %i[sizes points slack].map { |name| measures(made[name], found.public_send(name)) }
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
        offs.zip(shares).map.with_index { |(off, row), i| Measure.new(off.round(9), row, i) }
            .uniq { |measure| [measure.off, measure.shares.object_id] }
      end
    end
  end
end
