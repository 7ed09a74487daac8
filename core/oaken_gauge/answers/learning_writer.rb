# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes which values of a profile moved, and the profile with them.
    class LearningWriter
      # Half of a sixty-fourth, inches: what is less is not seen.
      SEEN = 1 / 128.0

      # @param document [Learning::Question]
      def initialize(document)
        @document = document
        @moved = document.moved
      end

      # @return [Hash]
      def write
        { "maker" => maker, "moved" => @moved.map { |one| moved(one) }, "drift" => drift, "points_to" => points_to }
      end

      private

      # Of the batch that is surest of it.
      def drift
        surest = @document.drifts.max_by(&:sure) or return
        grows = surest.per_unit.positive? ? "grow" : "shrink"
        { "per_unit" => surest.per_unit.round(6), "sure" => surest.sure.round(4),
          "say" => "The units #{grows} from the first to the last of the batch, by #{Saying.small(surest.per_unit.abs * 10)} over ten. " \
                   "Look at the seam guide and the ruler before the next batch." }
      end

      def points_to
        from = @document.from_units or return
        sources = from.pointed_to
        { "values" => sources.map { |source| source.kind.to_s }, "say" => Answers::PointsTo.new(sources).say }
      end

      def maker
        errors, times = known.partition { |name, _| Makers::Parameters.all.fetch(name.to_sym).group == :error }.map(&:to_h)
        before = @document.hands.to_document
        before.merge("errors" => before.fetch("errors", {}).merge(errors), **times)
      end

      def known
        @moved.to_h do |one|
          own = Makers::Parameters.all.fetch(one.value).tells == :mean ? one.bias_interval : one.interval
          [one.value.to_s,
           { "value" => one.to.round(5), "count" => one.count, "bias" => one.bias&.round(5), "interval" => rounded(own) }.compact]
        end
      end

      def moved(one)
        { "value" => one.value.to_s, "from" => one.from.round(5), "to" => one.to.round(5), "count" => one.count, "sd" => one.sd.round(5),
          "interval" => rounded(one.interval), "bias_interval" => rounded(one.bias_interval), "say" => say(one) }
      end

      def say(one)
        parameter = Makers::Parameters.all.fetch(one.value)
        from, to = [one.from, one.to].map { |value| told(parameter, value) }
        always = ", and all are #{Saying.small(one.bias)} #{one.bias.positive? ? 'large' : 'small'}" if one.bias && one.bias.abs >= SEEN
        now = from == to ? "still #{to}" : "#{to}, not #{from}"
        "#{parameter.title}: #{now}#{always}. From #{one.count} measurement#{'s' unless one.count == 1}."
      end

      def told(parameter, value)
        case parameter.unit
        when "share" then "#{(value * 100).round(1).to_s.delete_suffix('.0')} in 100"
        when "second" then "#{value.round(1).to_s.delete_suffix('.0')} seconds"
        else in_inches(value)
        end
      end

      # A spread varies both ways; less than nothing gives fabric back.
      def in_inches(value)
        "#{'minus ' if value.negative? && value.abs >= SEEN}#{Saying.small(value)}"
      end

      def rounded(interval)
        interval&.map { |one| one.round(5) }
      end
    end
  end
end
