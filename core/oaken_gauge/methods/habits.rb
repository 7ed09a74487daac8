# frozen_string_literal: true

module OakenGauge
  module Methods
    # What a maker does in the place of a step: where a light or a tape leads a seam no line is drawn, seams that are
    # pressed open are not snipped, and who sews scant is told of a scant seam.
    class Habits
      # @param lines [Boolean] whether she draws lines to sew along
      # @param opens_seams [Boolean]
      # @param scant [Boolean] whether she sews with less than the allowance, to give back what the fold takes
      def initialize(lines:, opens_seams:, scant: false)
        @lines = lines
        @scant = scant
        @opens_seams = opens_seams
        @done = {}.compare_by_identity
      end

      # @param steps [Array<Step>]
      # @return [Array<Step>] as she does them, without those that she does not
      def own(steps)
        steps.filter_map do |step|
          own = @done.fetch(step.operation) { |operation| @done[operation] = done(operation) } or next
          scant = scant?(own, step)
          own.equal?(step.operation) && !scant ? step : step.with(operation: own, scant: scant)
        end
      end

      private

      # Of a seam that is sewn at the allowance; corners are flipped a thread inside their line instead.
      def scant?(operation, step)
        @scant && !step.size.nil? && operation.care == :needle && operation.guide != :on_line
      end

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
