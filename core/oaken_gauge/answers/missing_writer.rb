# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what a drawer lacks for the units of a project.
    class MissingWriter
      # @param missing [Shelf::MissingTools]
      def initialize(missing)
        @missing = missing
      end

      # @return [Hash]
      def write
        { "unreached" => @missing.unreached, "idle" => @missing.idle.map { |tool| { "tool" => tool.id, "name" => tool.name } },
          "gains" => @missing.gains.map { |gain| gain(gain) } }
      end

      private

      def gain(gain)
        { "tool" => gain.tool.to_document, "units" => gain.units, "fabric" => gain.fabric.round(1), "minutes" => gain.minutes.round(1),
          "say" => say(gain) }
      end

      def say(gain)
        names = gain.units.size > 3 ? "#{gain.units.size} units" : gain.units.join(", ")
        differences = [difference(gain.minutes, "minute", "minutes"),
                       difference(gain.fabric, "square inch of fabric", "square inches of fabric")]
        "Best for #{names}: #{differences.compact.join(', ')}."
      end

      def difference(saved, one, many)
        rounded = saved.abs.round
        "#{Saying.many(rounded, one, many)} #{saved.positive? ? 'less' : 'more'}" if rounded.positive?
      end
    end
  end
end
