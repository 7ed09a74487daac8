# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # How true the units of a method come out. A unit has several sizes (its height, its width) and
    # several points; each is told by the one that is off most often.
    class Accuracy
      # How far a size or a point may be off and still be good, inches.
      LIMIT = 1/16r
      # Units in a row for which its drift is told.
      ROWS = [2, 4, 8, 12].freeze

      # As a fence is dragged, many a stop has the same rounding as another.
      KEPT = Memo.new(1000)
      private_constant :KEPT

      # What one step adds. - step: Symbol, the operation; - size_bias, size_sd, point_sd: inches;
      # - share: its part in all variation, of size and points together
      Part = Struct.new(:step, :size_bias, :size_sd, :point_sd, :share, keyword_init: true)

      # @return [Budget]
      attr_reader :budget
      # @return [Array(Float, Float)] how much too deep a seam between two units is, and its standard deviation, inches
      attr_reader :between_units

      # @param way [Methods::Method]
      # @return [Accuracy] one for all ways whose units are off alike; each figure of it is worked out once
      def self.of(way)
        budget = Budget.new(way)
        KEPT.fetch([budget.told, way.task.aids.edge_seam]) { new(way, budget) }
      end

      # @param way [Methods::Method]
      # @param budget [Budget] its own
      def initialize(way, budget = Budget.new(way))
        @budget = budget
        @between_units = way.task.seam_between_units
      end

      # @return [Mixture] of the size that is off most often
      def size
        @size ||= budget.mixture(worst_size)
      end

      # @return [Mixture] of the point that is off most often
      def point
        @point ||= worst_point ? budget.mixture(worst_point) : Mixture.new(mean: 0.0, sd: 0.0)
      end

      # @return [Float] the part of the units whose size is within a sixteenth
      def within
        @within ||= good(size)
      end

      # @return [Float] the part of the units whose points are within a sixteenth
      def points_within
        @points_within ||= good(point)
      end

      # @return [Float] the part of the units that leave nothing to trim at one side or another; 0 when nothing is trimmed
      def too_small
        @too_small ||= 1 - Together.new(budget, enough_to_trim).share
      end

      # @return [Float] the part of the units whose sizes and points are all within a sixteenth, and that are large enough
      #   to trim everywhere
      def good_share
        @good_share ||= Together.new(budget, close + enough_to_trim).share
      end

      # @return [Integer] edges on the bias that are handled raw
      def bias_edges
        budget.bias_edges
      end

      # @return [Symbol] :measured when everything that moves the figures was measured
      def basis
        @basis ||= budget.profile.basis_of(budget.sources.map(&:kind).uniq)
      end

      # @return [Float] what rounding up to the ruler's lines, margins and the sheet's ease make the unit
      #   too large, inches; it is there whatever the maker does
      def rounding
        worst_size.off
      end

      # @return [Array<Part>] what each step adds, the greatest first
      def parts
        @parts ||= begin
          steps = budget.sources.each_index.group_by { |i| budget.sources[i].step }
          steps.map { |step, places| part(step, places, steps.size) }.sort_by { |part| [-part.share, part.step] }
        end
      end

      # @return [Hash{Integer => Array(Float, Float)}] for so many units in a row, what the row is too long,
      #   and its standard deviation, inches
      def drift
        @drift ||= self.class.drift(size, between_units)
      end

      # Units in a row are off by what each is, less what every seam between two takes too deep on either side of it.
      #
      # @param size [Mixture, Blend] of one unit
      # @param between_units [Array(Float, Float)] of one seam between two
      # @return [Hash{Integer => Array(Float, Float)}]
      def self.drift(size, between_units)
        deep, stray = between_units
        ROWS.to_h do |units|
          taken = 2 * (units - 1)
          [units, [(units * size.mean) - (taken * deep), Math.sqrt((units * (size.sd**2)) + (2 * taken * (stray**2)))]]
        end
      end

      # @return [Budget::Measure] the size that is off most often
      def worst_size
        @worst_size ||= worst(:sizes)
      end

      # @return [Budget::Measure, nil] the point that is off most often; nil where there is none
      def worst_point
        @worst_point ||= worst(:points)
      end

      # @return [Budget::Measure, nil] the side with least to trim; nil where nothing is trimmed
      def scantest
        @scantest ||= budget.slack.max_by.with_index { |slack, i| [none_left(slack).round(9), -i] }
      end

      private

      def close
        (budget.sizes + budget.points).map { |measure| [measure, -LIMIT.to_f, LIMIT.to_f] }
      end

      def enough_to_trim
        budget.slack.map { |measure| [measure, 0.0, Float::INFINITY] }
      end

      def good(mixture)
        mixture.between(-LIMIT.to_f, LIMIT.to_f)
      end

      def none_left(slack)
        budget.mixture(slack).between(-Float::INFINITY, 0.0)
      end

      # The one that is off most often; at a tie the first.
      def worst(name)
        measures = budget.public_send(name)
        return measures.first if measures.size < 2

        measures.min_by.with_index { |measure, i| [good(budget.mixture(measure)).round(9), -budget.mixture(measure).sd.round(9), i] }
      end

      # Where nothing varies every step has as large a part in that.
      def part(step, places, steps)
        size = variance(worst_size, places)
        point = worst_point ? variance(worst_point, places) : 0.0
        Part.new(step: step, size_bias: bias(worst_size, places), size_sd: Math.sqrt(size), point_sd: Math.sqrt(point),
                 share: whole.zero? ? 1.0 / steps : (size + point) / whole)
      end

      def bias(measure, places)
        places.sum { |i| measure.shares[i] * budget.sources[i].mean }
      end

      # @return [Float] square inches
      def variance(measure, places)
        variances = budget.variances
        places.sum { |i| (measure.shares[i]**2) * variances[i] }
      end

      # @return [Float] square inches
      def whole
        @whole ||= (size.sd**2) + (point.sd**2)
      end
    end
  end
end
