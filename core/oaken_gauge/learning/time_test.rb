# frozen_string_literal: true

module OakenGauge
  module Learning
    # How long a thing took, each time it was timed.
    class TimeTest
      include Documents::Record

      TIMES = Makers::Parameters.of(:time).map { |one| one.name.to_s }.freeze

      choice :test, %w[time], always: true
      choice :value, TIMES, always: true
      list :seconds, Documents::Scalars::Number.new(0..3600), within: 1..500

      # @return [Array<Lessons::Readings>]
      def teaches(_maker, _drawer)
        [Lessons::Readings.new(mean: value, found: seconds.map(&:to_f), scale: 1)]
      end
    end
  end
end
