# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module ErrorModel
    # Many units of a method made at random, to check its budget by: out of polygons that are cut, sewn and opened
    # ({Rebuilding}), not by the construction that the budget stands on. The same seed makes the same units.
    class Sampling
      LIMIT = Accuracy::LIMIT.to_f
      # How many times its own error a figure may lie off the budget's and still agree with it.
      ERRORS = 4
      # What the shares that are drawn may be off.
      DRAWN = 0.01
      # Units in a hundred, about, for a hundredth of an inch.
      SHARE = 5
      # Units made at once.
      LOT = 50_000
      MEASURES = %i[sizes points slack].freeze

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
        budget.all? { |name, figure| (figure - figures[name]).abs <= (ERRORS * errors[name]) + turned(name) } &&
          (@accuracy.good_share - all_good).abs <= (ERRORS * error_of_share(all_good)) + DRAWN
      end

      # @return [Float] the part of the units that are good in every size and every point, and large enough
      #   to trim everywhere
      def all_good
        @all_good ||= share([*made.sizes, *made.points].map { |row| whole(row).abs.le(LIMIT) }.inject(enough, :&))
      end

      private

      # What pieces out of square may move a figure by: of a share, so many times as much as of a length.
      def turned(name)
        @way.rebuilding.turns * { size_bias: 1/3r, size_sd: 1, point_sd: 1 }.fetch(name, SHARE)
      end

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

      # A great many are made in lots.
      def made
        @made ||= begin
          Numo::NArray.srand(seed)
          lots = ([LOT] * (count / LOT)) + [count % LOT]
          join(lots.reject(&:zero?).map { |units| lot(units) })
        end
      end

      def lot(units)
        made = @way.rebuilding.call(Rebuilding::Chance.new(@way.task.maker.profile, units))
        made.to_h.slice(*MEASURES).transform_values { |rows| rows.map { |row| whole(row, units) } }
      end

      def join(lots)
        rows = MEASURES.to_h { |name| [name, lots.map { |lot| lot[name] }.transpose.map { |parts| Numo::DFloat.hstack(parts) }] }
        Construction::Measures.new(**rows)
      end

      def whole(row, units = count)
        row.is_a?(Numo::NArray) ? row : Numo::DFloat.new(units).fill(row)
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
