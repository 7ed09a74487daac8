# frozen_string_literal: true

module OakenGauge
  module Methods
    # What a maker does in the place of a step: where a light or a tape leads a seam no line is drawn, and seams that are
    # pressed open are not snipped.
    class Habits
      # @param lines [Boolean] whether she draws lines to sew along
      # @param opens_seams [Boolean]
      def initialize(lines:, opens_seams:)
        @lines = lines
        @opens_seams = opens_seams
        @done = {}.compare_by_identity
      end

      # @param steps [Array<Step>]
      # @return [Array<Step>] as she does them, without those that she does not
      def own(steps)
        steps.filter_map do |step|
          own = @done.fetch(step.operation) { |operation| @done[operation] = done(operation) } or next
          own.equal?(step.operation) ? step : step.with(operation: own)
        end
      end

      private

      # @return [Operation, nil] nil where she does nothing of the kind
      def done(operation)
        led = @lines ? operation : other(operation, :guided)
        return if led.marks && !@lines

        @opens_seams ? opened(led) : led
      end

      def opened(operation)
        other(operation, :opened) unless operation.name == :snip
      end

      # What is named in its place, or itself.
      def other(operation, place)
        operation[place] ? Operations.fetch(operation[place]) : operation
      end
    end
  end
end
