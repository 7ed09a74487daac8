# frozen_string_literal: true

module OakenGauge
  module Methods
    # Steps in rounds: a round ends when its seams are pressed, and trimmed where that comes next. Within a round the work
    # is batched: mark all, lay all, sew all, snip, cut, press, trim. What several methods do side by side is one batch
    # where it is alike.
    class Batching
      # In a round, what is done first.
      PHASES = %i[check mark lay fuse sew fold flip snip cut press trim measure].freeze
      # What still belongs to a round when its seams are pressed.
      LAST = %i[press trim].freeze

      # @param lists [Array<Array<Step>>] of each method, in its order
      def initialize(lists)
        @lists = lists
      end

      # @return [Array<Step>] each with its round, from 1
      def steps
        rounds = @lists.map { |list| list.slice_when { |before, after| pressed?(before) && !pressed?(after) }.to_a }
        Array.new(rounds.map(&:size).max || 0) { |i| batched(rounds.flat_map { |round| round[i] || [] }, i + 1) }.flatten
      end

      private

      def pressed?(step)
        LAST.include?(step.operation.phase)
      end

      def batched(steps, round)
        joined = alike(steps).map { |same| join(same, round) }
        joined.group_by { |step| step.operation.phase }.values_at(*PHASES).compact.flatten
      end

      # @return [Array<Array<Step>>] those that are one and the same thing to do, in the order of the first of them
      def alike(steps)
        steps.each_with_object([]) { |step, sets| (sets.find { |same| same.first.like?(step) } || sets.push([]).last) << step }
      end

      # Seams of several lengths are as long as they are on average.
      def join(same, round)
        first = same.first
        count = same.sum(&:count)
        length = same.sum { |step| step.count * step.length } / count.to_f if first.length
        Step.new(first.operation, count, first.size, length, first.on, round)
      end
    end
  end
end
