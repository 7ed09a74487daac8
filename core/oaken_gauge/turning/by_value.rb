# frozen_string_literal: true

module OakenGauge
  module Turning
    # Where another method takes the first place as the unit itself changes: it is weighed anew at each value.
    #
    # @abstract A class gives the {#values}, which value stands {#standing} now, and the unit {#unit_at} a value
    class ByValue
      # @param task [Weighing::Task]
      # @param range [Range]
      # @param among [Array<String>, nil] the methods that are looked at; nil for all
      def initialize(task, range, among: nil)
        @task = task
        @range = range
        @among = among
      end

      # @return [Array<Interval>] each from its first value to its last; none where nothing counts
      def intervals
        return [] if @task.priorities.values.sum.zero?

        @intervals ||= values.map { |value| at(value) }.slice_when { |one, following| one.nil? || following.nil? }
                             .flat_map { |together| Interval.joined(together.compact) }
      end

      # @return [Interval, nil]
      def now
        intervals.find { |interval| interval.hold?(standing) }
      end

      private

      def at(value)
        first, second = ahead(@task.of(unit_at(value)))
        Interval.new(from: value, to: value, first: first, second: second) if first
      end

      def ahead(task)
        Comparing::Ranking.new(Weighing::Weigher.new(task, among: @among).weighed, task.priorities, task.maker).ahead(task.priorities)
      end

      def unit
        @task.unit
      end
    end
  end
end
