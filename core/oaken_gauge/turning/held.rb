# frozen_string_literal: true

module OakenGauge
  module Turning
    # A few methods held against one another, whatever others there are: which of them is first at each size of the beam, at each count
    # up to {MOST}, and at each weight of each priority.
    class Held
      # Units that are made at once at the most, to be looked at one by one.
      MOST = 60

      # @param task [Weighing::Task]
      # @param ids [Array<String>] of the methods
      def initialize(task, ids)
        @task = task
        @ids = ids
      end

      # @return [Array<Class>] those that make the unit
      def methods
        Methods.making(@task.unit).select { |method| @ids.include?(method.id) }
      end

      # @return [Hash{Symbol => Array<Interval>}] by :size, :count and the names of the priorities
      def intervals
        outcomes = Weighing::Weigher.new(@task, among: @ids).weighed
        weights = @task.priorities.keys.to_h { |name| [name, ByPriority.new(@task, name, outcomes).intervals] }
        { size: BySize.new(@task, sizes, among: @ids).intervals, count: ByCount.new(@task, 1..MOST, among: @ids).intervals, **weights }
      end

      private

      def sizes
        Range.new(*Sizing::Beam.new(@task).stops.minmax)
      end
    end
  end
end
