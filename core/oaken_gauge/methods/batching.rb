# frozen_string_literal: true

module OakenGauge
  module Methods
    # Steps in rounds: a round ends when its seams are pressed, and trimmed where that comes next. Within a round they stand
    # in the order that their method declares. What several methods do side by side is one batch where it is alike, and each
    # keeps its order: mark all, lay all, sew all, cut, open, snip, press, trim.
    class Batching
      # Of several methods, what is done first.
      PHASES = %i[check mark lay look fuse sew fold flip cut open snip press trim measure].freeze
      # What still belongs to a round when its seams are pressed.
      LAST = %i[press trim].freeze

      # @param lists [Array<Array<Step>>] of each method, in its order
      def initialize(lists)
        @lists = lists
      end

      # @return [Array<Step>] each with its round, from 1
      def steps
        rounds = @lists.map { |list| list.slice_when { |before, after| pressed?(before) && !pressed?(after) }.to_a }
        Array.new(rounds.map(&:size).max || 0) { |i| merged(rounds.map { |round| alike(round[i] || []) }, i + 1) }.flatten
      end

      private

      def pressed?(step)
        LAST.include?(step.operation.phase)
      end

      # Of one method, what is one and the same thing to do, where it is done first.
      def alike(steps)
        steps.each_with_object([]) { |step, sets| (sets.find { |same| same.first.like?(step) } || sets.push([]).last) << step }
      end

      # One batch after another, of each method what comes next.
      def merged(lists, round)
        batches = []
        until lists.all?(&:empty?)
          first = next_of(lists).first
          heads = lists.select { |list| list.first&.first&.like?(first) }
          batches << join(heads.flat_map(&:shift), round)
        end
        batches
      end

      # What no other method does later; of those, what is usually done first.
      def next_of(lists)
        heads = lists.filter_map(&:first)
        free = heads.reject { |head| lists.any? { |list| list.drop(1).any? { |later| later.first.like?(head.first) } } }
        (free.empty? ? heads : free).min_by { |head| PHASES.index(head.first.operation.phase) || PHASES.size }
      end

      # Seams of several lengths are as long as they are on average.
      def join(same, round)
        first = same.first
        count = same.sum(&:count)
        length = same.sum { |step| step.count * step.length } / count.to_f if first.length
        first.with(count: count, length: length, round: round)
      end
    end
  end
end
