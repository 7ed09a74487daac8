# frozen_string_literal: true

module OakenGauge
  module Blocks
    # How many sets of placements there are that lie beside one another and leave no cell bare but plain ones. Cells are gone
    # through row by row; what matters of those before is only how many rows down each column is covered already.
    class Covers
      # Each column's rows are told in so many bits of one number.
      BITS = 6
      # The most that is held in mind at once. Beyond it the count is only known to be larger, and what is held of it then need
      # not be much.
      STATES = 12_000
      FEWER = 300

      # @param picture [Picture]
      # @param placements [Array<Placement>]
      # @param progress [Progress]
      def initialize(picture, placements, progress = Progress.new)
        @picture = picture
        @moves = placements.group_by(&:at).transform_values { |here| moves(here) }
        @moves.default = [].freeze
        @certain = true
        @progress = progress
      end

      # @return [Integer] at least so many; exactly, where {#certain?}
      def count
        @count ||= cells.each_with_index.reduce({ 0 => 1 }) do |states, (cell, i)|
          @progress.at(:counting, i, cells.size)
          fewer(after(states, *cell))
        end.values.sum
      end

      # @return [Boolean]
      def certain?
        count && @certain
      end

      private

      # A box that may be covered from a cell. - bare: bits of the columns that must be bare; - covers: what is added for them;
      # - times: how many units lie there
      Move = Struct.new(:bare, :covers, :times, keyword_init: true)
      LEFT_BARE = Move.new(bare: 0, covers: 0, times: 1).freeze
      private_constant :Move, :LEFT_BARE

      def moves(placements)
        placements.group_by(&:span).map do |(columns, rows), same|
          column = same.first.at.first
          bare = (column...(column + columns)).sum { |x| full(x) }
          # The column itself is done with for this row.
          covers = (column...(column + columns)).sum { |x| rows << (BITS * x) } - (1 << (BITS * column))
          Move.new(bare: bare, covers: covers, times: same.size)
        end
      end

      def full(column)
        ((1 << BITS) - 1) << (BITS * column)
      end

      def cells
        @cells ||= Array.new(@picture.rows) { |row| Array.new(@picture.columns) { |column| [column, row] } }.flatten(1)
      end

      def after(states, column, row)
        moves = @moves[[column, row]]
        moves += [LEFT_BARE] if @picture.plain?(column, row)
        states.each_with_object(Hash.new(0)) do |(state, ways), after|
          if state.nobits?(full(column))
            moves.each { |move| after[state + move.covers] += ways * move.times if state.nobits?(move.bare) }
          else
            after[state - (1 << (BITS * column))] += ways
          end
        end
      end

      def fewer(states)
        return states if states.size <= STATES

        @certain = false
        states.max_by(FEWER) { |_, ways| ways }.to_h
      end
    end
  end
end
