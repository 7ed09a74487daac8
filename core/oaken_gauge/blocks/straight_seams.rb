# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Joins boxes on a grid by seams that run from edge to edge of what they join, as a block is sewn together. Cells that no
    # box covers are plain: of them it makes the fewest squares and rectangles with which that can be done.
    #
    # @example Two plain cells beside one another are one rectangle
    #   StraightSeams.new([%w[ink ink]], []).plain   # => [[0, 0, 2, 1]]
    class StraightSeams
      # What joins a box: - plain: the plain boxes in it; - seams: lengths in cells of the seams in it; - order: what is least
      # where there are several ways: plain boxes, and inches sewn
      Joined = Struct.new(:plain, :seams, keyword_init: true) do
        def order
          [plain.size, seams.sum]
        end
      end

      # @param fabrics [Array<Array<String>>] rows of cells: of each the fabric, which matters where it is bare
      # @param boxes [Array<Array(Integer, Integer, Integer, Integer)>] column, row, columns, rows of each
      def initialize(fabrics, boxes)
        @fabrics = fabrics
        @boxes = boxes
        @rows = fabrics.size
        @columns = fabrics.first.size
        @owner = Array.new(@rows) { Array.new(@columns) }
        boxes.each_with_index { |box, i| each_cell(box) { |column, row| @owner[row][column] = i } }
        @known = {}
      end

      # @return [Boolean] whether straight seams can join them all
      def possible?
        !joined.nil?
      end

      # @return [Array<Array(Integer, Integer, Integer, Integer)>] the plain boxes; nil where straight seams cannot join all
      def plain
        joined&.plain
      end

      # @return [Array<Integer>] of each seam that joins two boxes, how long it is in cells
      def lengths
        joined&.seams
      end

      private

      def joined
        return @joined if defined?(@joined)

        @joined = least([0, 0, @columns, @rows])
      end

      def least(box)
        return @known[box] if @known.key?(box)

        @known[box] = alone(box) || parted(box)
      end

      # One box, or one plain one.
      def alone((column, row, columns, rows))
        box = [column, row, columns, rows]
        owner = @owner[row][column]
        return (Joined.new(plain: [], seams: []) if @boxes[owner] == box) if owner

        Joined.new(plain: [box], seams: []) if of_one_fabric?(box)
      end

      def of_one_fabric?((column, row, columns, rows))
        first = @fabrics[row][column]
        row.upto(row + rows - 1).all? do |y|
          column.upto(column + columns - 1).all? { |x| @owner[y][x].nil? && @fabrics[y][x] == first }
        end
      end

      # Where nothing is bare any straight seam will do, since what can be parted at all can be parted there first: it is the
      # one nearest the middle then.
      def parted(box)
        pairs = cuts(box)
        return pairs.filter_map { |pair| both(*pair) }.min_by(&:order) if bare?(box)

        middle = nearest_middle(pairs)
        both(*middle) if middle
      end

      def bare?((column, row, columns, rows))
        row.upto(row + rows - 1).any? { |y| column.upto(column + columns - 1).any? { |x| @owner[y][x].nil? } }
      end

      def nearest_middle(pairs)
        pairs.min_by { |(_, _, columns, rows), (_, _, its_columns, its_rows)| ((columns * rows) - (its_columns * its_rows)).abs }
      end

      def both(one, other)
        first = least(one) or return
        second = least(other) or return
        seam = one[0] == other[0] ? one[2] : one[3]
        Joined.new(plain: first.plain + second.plain, seams: first.seams + second.seams + [seam])
      end

      def cuts(box)
        column, row, columns, rows = box
        upright = ((column + 1)...(column + columns)).select { |x| upright?(x, row, rows) }
        level = ((row + 1)...(row + rows)).select { |y| level?(y, column, columns) }
        upright.map { |x| [[column, row, x - column, rows], [x, row, column + columns - x, rows]] } +
          level.map { |y| [[column, row, columns, y - row], [column, y, columns, row + rows - y]] }
      end

      # A seam that crosses no box, and that some box or change of fabric gives a reason for.
      def upright?(x, row, rows)
        pairs = row.upto(row + rows - 1).map { |y| [[x - 1, y], [x, y]] }
        clear?(pairs)
      end

      def level?(y, column, columns)
        clear?(column.upto(column + columns - 1).map { |x| [[x, y - 1], [x, y]] })
      end

      def clear?(pairs)
        pairs.none? { |one, other| owner(one) && owner(one) == owner(other) } &&
          pairs.any? { |one, other| owner(one) != owner(other) || fabric(one) != fabric(other) }
      end

      def owner((x, y))
        @owner[y][x]
      end

      def fabric((x, y))
        @fabrics[y][x]
      end

      def each_cell((column, row, columns, rows))
        rows.times { |y| columns.times { |x| yield column + x, row + y } }
      end
    end
  end
end
