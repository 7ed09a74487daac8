# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Where boxes on a grid meet, counted up beforehand, so that it is told of any line and of any rectangle at once whether it
    # cuts through a box, and whether something changes there.
    class Joints
      # Sums over rectangles of a grid.
      class Sums
        # @param columns [Integer]
        # @param rows [Integer]
        # @yield [column, row] what is to be counted there
        # @yieldreturn [Boolean]
        def initialize(columns, rows)
          @sums = [[0] * (columns + 1)]
          rows.times do |row|
            line = [0]
            columns.times { |column| line << (line.last + (yield(column, row) ? 1 : 0)) }
            @sums << line.zip(@sums.last).map(&:sum)
          end
        end

        # @return [Integer] how many there are in the rectangle
        def within(column, row, columns, rows)
          lower = @sums[row + rows]
          upper = @sums[row]
          lower[column + columns] - upper[column + columns] - lower[column] + upper[column]
        end
      end

      # @return [Array<Array<Integer, nil>>] rows of cells: which box each is of
      attr_reader :owners

      # @param columns [Integer]
      # @param rows [Integer]
      # @param boxes [Array<Array(Integer, Integer, Integer, Integer)>] column, row, columns, rows of each
      def initialize(columns, rows, boxes)
        @columns = columns
        @rows = rows
        @owners = Array.new(rows) { Array.new(columns) }
        boxes.each_with_index do |(column, row, wide, high), i|
          row.upto(row + high - 1) { |y| @owners[y].fill(i, column, wide) }
        end
      end

      # @return [Boolean] whether a line down the left side of so many cells cuts through no box
      def upright?(column, row, rows)
        column.zero? || column == @columns || upright.within(column, row, 1, rows).zero?
      end

      # @return [Boolean] whether a line along the upper side of so many cells cuts through no box
      def level?(column, row, columns)
        row.zero? || row == @rows || level.within(column, row, columns, 1).zero?
      end

      # @return [Integer] how many cells of a rectangle no box covers
      def bare(*box)
        (@bare ||= Sums.new(@columns, @rows) { |column, row| @owners[row][column].nil? }).within(*box)
      end

      private

      def upright
        @upright ||= Sums.new(@columns, @rows) { |column, row| column.positive? && same?(@owners[row][column], @owners[row][column - 1]) }
      end

      def level
        @level ||= Sums.new(@columns, @rows) { |column, row| row.positive? && same?(@owners[row][column], @owners[row - 1][column]) }
      end

      def same?(owner, other)
        owner && owner == other
      end
    end
  end
end
