# frozen_string_literal: true

module OakenGauge
  module Methods
    # Units that are trimmed to size when they are sewn.
    module Trims
      # @return [Construction::Trimming]
      def trimming
        @trimming ||= Construction::Trimming.new(sides: trim_sides, kind: trimmer.kind, step: trim_step.operation.name)
      end

      # @return [Settings::Trimmers]
      def trimmer
        @trimmer ||= Settings::Trimmers.new(self)
      end

      # @return [Integer] sides of a unit that are trimmed
      def trim_sides
        task.maker.trim_sides
      end

      # @return [Step]
      def trim_step
        step(trim_sides == 2 ? :trim_two : :trim_to, trim_sides * makes.made, on: say_unfinished)
      end

      private

      def say_unfinished
        unit.side_lengths.map { |side| say(side + (2 * seam)) }.uniq.join(" × ")
      end
    end
  end
end
