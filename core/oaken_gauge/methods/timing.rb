# frozen_string_literal: true

module OakenGauge
  module Methods
    # How long a list of steps takes. Getting ready (ruler and cutter out, thread in, iron hot) comes once each time
    # another place is gone to: the mat, the machine, the iron; not again for what is done there next.
    class Timing
      # @param steps [Array<Step>] in the order of work
      # @param maker [Makers::Maker]
      def initialize(steps, maker)
        @steps = steps
        @times = maker.profile.values
      end

      # @return [Float] seconds
      def total
        by_step.sum
      end

      # @return [Array<Float>] seconds of each step, getting ready with the first at its place
      def by_step
        @by_step ||= begin
          ready = @times.fetch(:set_up)
          at = nil
          @steps.map do |step|
            place = step.operation.place
            moved = place && place != at
            at = place if moved
            step.seconds(@times) + (moved ? ready : 0)
          end
        end
      end
    end
  end
end
