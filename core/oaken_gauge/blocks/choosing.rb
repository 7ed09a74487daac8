# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Sets of placements that cover a picture at least cost, each found by an integer program with its own demands on how many
    # there are of each unit.
    class Choosing
      # @param picture [Picture]
      # @param placements [Array<Placement>]
      # @param expense [Expense]
      # @param progress [Progress]
      def initialize(picture, placements, expense, progress = Progress.new)
        @progress = progress
        @placements = placements
        @units = placements.map(&:unit).uniq
        @cells = Array.new(picture.rows) { |row| Array.new(picture.columns) { |column| [column, row] } }.flatten(1)
        @rows = @cells.map { |cell| [picture.plain?(*cell) ? 0 : 1, 1] }
        @costs = placements.map { |placement| cost(placement, picture, expense) }
        @columns = columns
      end

      # @param programs [Integer] how many may be solved
      # @param nodes [Integer] of each, how many branches are looked at
      # @return [Array<Array<Placement>>] ways that differ in kind
      def unlike(programs, nodes:)
        found = {}
        waiting = [{}]
        programs.times do |i|
          @progress.at(:choosing, i, programs)
          demands = waiting.shift or break
          chosen = solve(demands, nodes) or next
          kinds = chosen.map(&:unit).tally
          next if found.key?(kinds)

          found[kinds] = chosen
          waiting.concat(neighbours(demands, kinds))
        end
        found.values
      end

      private

      def columns
        places = @cells.each_with_index.to_h
        @placements.map { |placement| placement.cells.to_h { |cell| [places[cell], 1] } }
      end

      # What plain cells would cost by themselves is saved where a unit covers them.
      def cost(placement, picture, expense)
        plain = placement.cells.count { |cell| picture.plain?(*cell) }
        expense.of(placement.unit, @cells.size) - (plain * expense.of_plain(@cells.size))
      end

      # With none of a kind, with half as many, or with one at least where there was none.
      def neighbours(demands, kinds)
        with = kinds.flat_map { |unit, count| [0, count / 2].uniq.map { |most| demands.merge(unit => [0, most]) } }
        without = (@units - kinds.keys - demands.keys).map { |unit| demands.merge(unit => [1, WholeNumbers::ENDLESS]) }
        (without + with).uniq - [demands]
      end

      def solve(demands, nodes)
        units = demands.keys
        columns = @placements.zip(@columns).map { |placement, column| with_demand(column, units.index(placement.unit)) }
        given = WholeNumbers.least(costs: @costs, columns: columns, rows: @rows + demands.values, most: 1, nodes: nodes)
        given && @placements.zip(given).select { |_, one| one == 1 }.map(&:first)
      end

      def with_demand(column, demand)
        demand ? column.merge(@cells.size + demand => 1) : column
      end
    end
  end
end
