# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Parts of a block that occur again, turned but not mirrored: made once over for all of them. A part is a rectangle of cells
    # that cuts through no unit and holds at least two. Of two that are told, one lies within the other or beside it.
    class Repeats
      # - box: [column, row, columns, rows] of the first; - times: how often it is there
      Repeat = Struct.new(:box, :times, keyword_init: true)
      # So many are told.
      MOST = 6

      # @param picture [Picture]
      # @param boxes [Array<Array(Integer, Integer, Integer, Integer)>] of the pieces, that cover all of it
      # @param kinds [Array<Symbol>] of the same pieces
      def initialize(picture, boxes, kinds)
        @picture = picture
        @boxes = boxes
        @kinds = kinds
        @joints = Joints.new(picture.columns, picture.rows, boxes)
        @owner = @joints.owners
      end

      # @return [Array<Repeat>] the largest first
      def all
        told = []
        candidates.each do |same|
          free = same.reject { |box| across?(box, told) }
          told.concat(again(free).reject { |places| inside?(places, told) || places.any? { |box| across?(box, told) } })
          break if told.size >= MOST
        end
        told.map { |places| Repeat.new(box: places.first, times: places.size) }.first(MOST)
      end

      private

      # Parts that may be alike: of one size, either way round, and with as much of everything in them.
      def candidates
        parts.group_by { |box| [box.last(2).minmax, weight(box)] }.values.select { |same| same.size > 1 }
             .sort_by { |same| -same.first.last(2).reduce(:*) }
      end

      def parts
        half = @picture.rows * @picture.columns / 2
        corners = Array.new(@picture.rows) { |row| Array.new(@picture.columns) { |column| [column, row] } }.flatten(1)
        corners.flat_map { |column, row| from(column, row).select { |box| box[2] * box[3] <= half && part?(box) } }
      end

      def from(column, row)
        (1..(@picture.columns - column)).flat_map { |columns| (1..(@picture.rows - row)).map { |rows| [column, row, columns, rows] } }
      end

      # Whether its sides cut through nothing, and it holds more than one piece.
      def part?((column, row, columns, rows))
        @owner[row][column] != @owner[row + rows - 1][column + columns - 1] &&
          @joints.upright?(column, row, rows) && @joints.upright?(column + columns, row, rows) &&
          @joints.level?(column, row, columns) && @joints.level?(column, row + rows, columns)
      end

      # Sums over a rectangle of what turning does not change.
      def weight((column, row, columns, rows))
        sums[row + rows][column + columns] - sums[row][column + columns] - sums[row + rows][column] + sums[row][column]
      end

      def sums
        @sums ||= @owner.each_with_index.with_object([[0] * (@picture.columns + 1)]) do |(row, y), all|
          line = row.each_with_index.reduce([0]) { |sum, (owner, x)| sum << (sum.last + number(owner, x, y)) }
          all << line.zip(all.last).map(&:sum)
        end
      end

      def number(owner, column, row)
        quarters = @picture.rows_of_cells[row][column]
        seen = [@kinds[owner], (0..3).map { |turn| quarters.rotate(turn) }.min]
        (@numbers ||= {})[seen] ||= 1 << (12 * (@numbers.size + 1))
      end

      # @return [Array<Array>] places that are the same, and do not overlap, where there are two or more
      def again(same)
        same.group_by { |box| turned_least(box) }.values.map { |alike| apart(alike) }.select { |alike| alike.size > 1 }
      end

      def apart(boxes)
        boxes.each_with_object([]) { |box, chosen| chosen << box unless chosen.any? { |other| overlap?(box, other) } }
      end

      def overlap?((column, row, columns, rows), (its_column, its_row, its_columns, its_rows))
        column < its_column + its_columns && its_column < column + columns && row < its_row + its_rows && its_row < row + rows
      end

      # What it looks like, and where its pieces meet, turned so that this is told in the least numbers.
      def turned_least((column, row, columns, rows))
        cells = Array.new(rows) { |y| looks[row + y][column, columns] }
        (0..3).map do |turn|
          cells = cells.reverse.transpose unless turn.zero?
          [cells.first.size, *cells.flat_map { |line| line.map { |look| look[turn] } }]
        end.min
      end

      # Of each cell, a number for what it looks like after each of four quarter turns: its fabrics, the kind of its piece, and
      # whether that goes on beyond each side.
      def looks
        @looks ||= @owner.each_with_index.map { |line, row| line.each_index.map { |column| (0..3).map { |turn| look(column, row, turn) } } }
      end

      def look(column, row, turn)
        left, top, columns, rows = @boxes[@owner[row][column]]
        beyond = [row > top, column < left + columns - 1, row < top + rows - 1, column > left]
        seen = [@picture.rows_of_cells[row][column].rotate(-turn), beyond.rotate(-turn), @kinds[@owner[row][column]]]
        (@seen ||= {})[seen] ||= @seen.size
      end

      # One that is only there as often as a larger one that it is a part of.
      def inside?(places, told)
        told.any? do |larger|
          larger.size == places.size && places.all? { |box| larger.any? { |around| within?(box, around) } }
        end
      end

      # Whether it cuts through one that is told, so that it lies neither within it nor beside it.
      def across?(box, told)
        told.any? { |places| places.any? { |other| overlap?(box, other) && !within?(box, other) } }
      end

      def within?((column, row, columns, rows), (left, top, wide, high))
        column >= left && row >= top && column + columns <= left + wide && row + rows <= top + high
      end
    end
  end
end
