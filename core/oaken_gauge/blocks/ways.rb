# frozen_string_literal: true

module OakenGauge
  module Blocks
    # The ways to take a block apart: how many there are, and the best. Those come first into the list that differ in which
    # units they are made of, then those that differ in how many of each, then those that differ only in where they lie. Where
    # there are few, all are looked at. Where there are many, an integer program finds the one that costs least, then the ones
    # that cost least without each unit that is in it, with half as many, and with one at least of each that is not in it; and
    # so on from the best of those.
    class Ways
      # So many are told.
      MOST = 12
      # So many are all looked at.
      FEW = 3000
      # So many that straight seams can join are put together, and so many are looked at to find them.
      CLOSELY = 30
      TRIED = 300
      # So many kinds of unit are all weighed; of more, only those in ways that are put together.
      WEIGHED = 40
      # So many programs are solved, fewer where many large units lie over one another, and so many branches of each are
      # looked at.
      PROGRAMS = (2..10)
      COVERED = 60_000
      NODES = 50

      # @param picture [Picture]
      # @param placements [Array<Placement>]
      # @param costs [UnitCosts]
      # @param task [Weighing::Task] whose priorities and maker they are looked at by
      # @param progress [Progress]
      def initialize(picture, placements, costs, task, progress = Progress.new)
        @progress = progress
        @picture = picture
        @placements = placements
        @costs = costs
        @task = task
        @covers = Covers.new(picture, placements, progress)
      end

      # @return [Integer]
      def count
        @covers.count
      end

      # @return [Boolean] whether that many is exactly how many there are
      def counted?
        @covers.certain?
      end

      # @return [Array<Way>] best first, at most {MOST}
      def best
        ways = put_together(likely).select(&:straight?).first(CLOSELY)
        ranked = in_order(ways)
        told = unlike(ranked, &:kinds).first(MOST).to_set(&:object_id)
        ranked.select { |way| told.include?(way.object_id) }
      end

      private

      def put_together(chosen)
        chosen.each_with_index.lazy.map do |placements, i|
          @progress.at(:joining, i, [chosen.size, CLOSELY].min)
          Way.new(@picture, placements, @costs, @task)
        end
      end

      # Those that are looked at closely: the cheapest of each sort first. Last the one with a unit on every cell, which straight
      # seams always join.
      def likely
        found = counted? && count <= FEW ? Search.new(@picture, @placements).all : chosen
        cheapest = found.sort_by.with_index { |placements, i| [expense.of_all(placements, @picture), i] }
        sorts = unlike(cheapest) { |placements| placements.map(&:unit).tally }
        [*sorts.first(TRIED), single].uniq { |placements| placements.to_set(&:object_id) }
      end

      def single
        @placements.select { |placement| placement.span == [1, 1] }.uniq(&:at)
      end

      def chosen
        programs = (COVERED / @placements.sum { |placement| placement.span.reduce(:*) }).clamp(PROGRAMS)
        Choosing.new(@picture, @placements, expense, @progress).unlike(programs, nodes: NODES)
      end

      def expense
        @expense ||= Expense.new(@costs, @task, weighed: @placements.map(&:unit).uniq.size <= WEIGHED)
      end

      # Those first that differ in which units they are made of, then those that differ in how many of each, then the others.
      def unlike(ways)
        kinds = ways.each_with_object({}.compare_by_identity) { |way, all| all[way] = yield(way) }
        first = ways.uniq { |way| kinds[way].keys.to_set }
        second = ways.uniq { |way| kinds[way] }
        [*first, *second, *ways].uniq(&:object_id)
      end

      def in_order(ways)
        known, others = ways.partition(&:known?)
        known.sort_by.with_index { |way, i| [-way.score.round(9), way.seams, i] } + others.sort_by.with_index { |way, i| [way.seams, i] }
      end
    end
  end
end
