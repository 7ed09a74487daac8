# frozen_string_literal: true

module OakenGauge
  module Methods
    # The work of several methods side by side: what each does up to its first pressing is the first round, and so on;
    # within a round what is alike is done for all of them together.
    class Batching
      # In a round, what is done first.
      PHASES = %i[mark lay match center sew fold flip snip cut press trim].freeze

      # @param lists [Array<Array<Step>>] of each method
      def initialize(lists)
        @lists = lists
      end

      # @return [Array<Step>]
      def steps
        rounds = @lists.map { |list| list.slice_when { |before, after| before.phase == :press && after.phase != :press }.to_a }
        Array.new(rounds.map(&:size).max || 0) { |i| batched(rounds.flat_map { |round| round[i] || [] }) }.flatten
      end

      private

      def batched(steps)
        joined = steps.group_by { |step| [step.operation, step.size, step.on] }.values.map { |same| join(same) }
        joined.sort_by.with_index { |step, i| [PHASES.index(step.phase) || PHASES.size, i] }
      end

      # Seams of several lengths are as long as they are on average.
      def join(same)
        count = same.sum(&:count)
        lengths = same.sum { |step| step.count * (step.length || 0) }
        Step.new(**same.first.to_h, count: count, length: same.first.length && (lengths / count.to_f))
      end
    end
  end
end
