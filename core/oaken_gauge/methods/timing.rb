# frozen_string_literal: true

module OakenGauge
  module Methods
    # How long a list of steps takes. Getting ready (ruler and cutter out, thread in, iron hot) comes once each time
    # another place is gone to: the mat, the machine, the iron; not again for what is done there next. Each technique beyond
    # the first is got ready once more.
    class Timing
      # @param steps [Array<Step>] in the order of work
      # @param maker [Makers::Maker]
      # @param techniques [Integer] of how many methods they are
      def initialize(steps, maker, techniques: 1)
        @steps = steps
        @times = maker.profile.values
        @more = techniques - 1
      end

      # @return [Float] seconds
      def total
        by_step.sum
      end

      # @return [Integer] how often something is got ready: visits to the mat, the machine, the iron
      def visits
        arrivals.count(&:itself) + more
      end

      # @return [Float] seconds of the total in which things are got ready
      def getting_ready
        visits * ready.to_f
      end

      # @return [Array<Float>] seconds of each step, getting ready with the first at its place
      def by_step
        @by_step ||= @steps.zip(arrivals).map.with_index do |(step, arrived), i|
          step.seconds(@times) + (arrived ? ready : 0) + (i.zero? ? more * ready : 0)
        end
      end

      private

      # Where there is nothing to do nothing is got ready.
      def more
        @steps.empty? ? 0 : @more
      end

      def ready
        @times.fetch(:set_up)
      end

      # Of each step, whether it is the first at its place.
      def arrivals
        @arrivals ||= begin
          at = nil
          @steps.map do |step|
            place = step.operation.place
            (place && place != at).tap { |moved| at = place if moved } || false
          end
        end
      end
    end
  end
end
