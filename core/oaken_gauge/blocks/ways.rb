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
      # So many programs are solved, and so many branches of each are looked at.
      PROGRAMS = 24
      NODES = 200

      # @param picture [Picture]
      # @param placements [Array<Placement>]
      # @param costs [UnitCosts]
      # @param task [Weighing::Task] whose priorities and maker they are looked at by
      def initialize(picture, placements, costs, task)
        @picture = picture
        @placements = placements
        @costs = costs
        @task = task
        @covers = Covers.new(picture, placements)
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
        ways = found.map { |placements| Way.new(@picture, placements, @costs, @task) }.select(&:straight?)
        ranked = in_order(ways)
        ranked.intersection(unlike(ranked).first(MOST))
      end

      private

      def in_order(ways)
        known, others = ways.partition(&:known?)
        known.sort_by.with_index { |way, i| [-way.score.round(9), way.seams, i] } + others.sort_by.with_index { |way, i| [way.seams, i] }
      end

      def unlike(ways)
        ways.uniq { |way| way.kinds.keys.to_set } | ways.uniq(&:kinds) | ways
      end

      # @return [Array<Array<Placement>>]
      def found
        if counted? && count <= FEW
          Search.new(@picture, @placements).all
        else
          Choosing.new(@picture, @placements, Expense.new(@costs, @task)).unlike(PROGRAMS, nodes: NODES)
        end
      end
    end
  end
end
