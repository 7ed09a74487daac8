# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Weighing
    # Many units of a method made at random by the very construction that the budget stands on, to check
    # it by. The same seed makes the same units.
    class Sampling
      LIMIT = Accuracy::LIMIT.to_f
      # How many times its own error a figure may lie off the budget's and still agree with it.
      ERRORS = 4
      # What the shares that are drawn may be off.
      DRAWN = 0.01
      # What single precision may add up to over many units, inches.
      SLIGHT = 1e-4

      # @return [Integer]
      attr_reader :count, :seed

      # @param way [Methods::Method]
      # @param accuracy [Accuracy] its budget
      # @param count [Integer] units
      # @param seed [Integer]
      def initialize(way, accuracy, count:, seed: 1)
        @way = way
        @accuracy = accuracy
        @count = count
        @seed = seed
      end

      # The figures of {Accuracy}, of the same size, the same point and the same side.
      # @return [Hash{Symbol => Float}]
      def figures
        @figures ||= { size_bias: size.mean, size_sd: size.stddev, within_sixteenth: good(size), point_sd: point.stddev,
                       points_within_sixteenth: good(point), too_small_to_trim: 1 - share(enough) }
      end

      # @return [Hash{Symbol => Float}] how far each figure may lie off the budget's by chance, one standard error
      def errors
        shares = %i[within_sixteenth points_within_sixteenth too_small_to_trim]
        { size_bias: size.stddev / Math.sqrt(count), size_sd: error_of_sd(size), point_sd: error_of_sd(point),
          **shares.to_h { |name| [name, error_of_share(budget[name])] } }
      end

      # @return [Hash{Symbol => Float}] the budget's figures
      def budget
        @budget ||= { size_bias: @accuracy.size.mean, size_sd: @accuracy.size.sd, within_sixteenth: @accuracy.within,
                      point_sd: @accuracy.point.sd, points_within_sixteenth: @accuracy.points_within,
                      too_small_to_trim: @accuracy.too_small }
      end

      # @return [Boolean] whether every figure agrees with the budget's
      def agrees?
        budget.all? { |name, figure| (figure - figures[name]).abs <= (ERRORS * errors[name]) + SLIGHT } &&
          (@accuracy.good_share - all_good).abs <= (ERRORS * error_of_share(all_good)) + DRAWN
      end

      # @return [Float] the part of the units that are good in every size and every point, and large enough
      #   to trim everywhere
      def all_good
        @all_good ||= share([*made.sizes, *made.points].map { |row| whole(row).abs.le(LIMIT) }.inject(enough, :&))
      end

      private

      def size
        @size ||= whole(made.sizes[@accuracy.worst_size.place])
      end

      # Where there is no point, none is off.
      def point
        @point ||= whole(@accuracy.worst_point ? made.points[@accuracy.worst_point.place] : 0.0)
      end

      # Where nothing is trimmed, there is always enough.
      def enough
        @enough ||= made.slack.map { |row| whole(row).ge(0) }.inject(:&) || Numo::Bit.ones(count)
      end

      def made
        @made ||= begin
          Numo::NArray.srand(seed)
          values = @accuracy.budget.sources.map { |source| draw(source) }
          @way.construction.call(Construction::Draws.new(@way.task.maker.profile, values))
        end
      end

      def draw(source)
        return slips(source) if source.slip?
        return source.mean if source.sd.zero?

        Numo::SFloat.new(count).rand_norm(source.mean, source.sd)
      end

      # Mostly nothing; now and then off, either way.
      def slips(source)
        at = Numo::SFloat.new(count).rand
        (Numo::SFloat.cast(at.lt(source.chance / 2)) - Numo::SFloat.cast(at.gt(1 - (source.chance / 2)))) * source.by
      end

      def whole(row)
        row.is_a?(Numo::NArray) ? row : Numo::SFloat.new(count).fill(row)
      end

      def good(row)
        share(row.abs.le(LIMIT))
      end

      def share(bits)
        bits.count_true / count.to_f
      end

      # Half of the error of the variance, over the deviation: slips make it larger than a normal's.
      def error_of_sd(row)
        return 0.0 if row.stddev.zero?

        square = (row - row.mean)**2
        square.stddev / (2 * row.stddev * Math.sqrt(count))
      end

      # One unit more or less is never a disagreement.
      def error_of_share(share)
        Math.sqrt(share * (1 - share) / count) + (1.0 / count)
      end
    end
  end
end
