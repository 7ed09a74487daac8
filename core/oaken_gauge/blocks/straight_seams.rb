# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Joins boxes on a grid by seams that run from edge to edge of what they join, as a block is sewn together. Cells that no
    # box covers are plain: of them it makes the fewest squares and rectangles with which that can be done.
    #
    # @example Two plain cells beside one another are one rectangle
    #   StraightSeams.new([%w[ink ink]], []).plain   # => [[0, 0, 2, 1]]
    class StraightSeams
      # What joins a box: - plain: the plain boxes in it; - seams: lengths in cells of the seams in it
      Joined = Struct.new(:plain, :seams, keyword_init: true) do
        # What is least where there are several: plain boxes, then what is sewn.
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
        @joints = Joints.new(@columns, @rows, boxes)
        @owners = @joints.owners
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
        @known.fetch(box) { @known[box] = alone(box) || parted(box) }
      end

      # One box, or one plain one.
      def alone(box)
        owner = @owners[box[1]][box[0]]
        return (Joined.new(plain: [], seams: []) if @boxes[owner] == box) if owner

        Joined.new(plain: [box], seams: []) if of_one_fabric?(*box)
      end

      def of_one_fabric?(column, row, columns, rows)
        @joints.bare(column, row, columns, rows) == columns * rows && changed(:across, column + 1, row, columns - 1, rows).zero? &&
          changed(:down, column, row + 1, columns, rows - 1).zero?
      end

      # A seam along which everything changes cuts through no piece of any way, so it can come first; where nothing is bare that
      # is true of every seam. It is the one nearest the middle then. Only seams through plain fabric have to be tried.
      def parted(box)
        pairs = cuts(*box, clean: true)
        return cuts(*box, clean: false).filter_map { |pair| both(*pair) }.min_by(&:order) if pairs.empty?

        both(*pairs.min_by { |one, other| ((one[2] * one[3]) - (other[2] * other[3])).abs })
      end

      def both(one, other)
        first = least(one) or return
        second = least(other) or return
        seam = one[0] == other[0] ? one[2] : one[3]
        Joined.new(plain: first.plain + second.plain, seams: first.seams + second.seams + [seam])
      end

      # Seams that cut through no box, and for which some box or change of fabric gives a reason; clean ones change all along.
      def cuts(column, row, columns, rows, clean:)
        upright(column, row, columns, rows, clean).map { |x| [[column, row, x - column, rows], [x, row, column + columns - x, rows]] } +
          level(column, row, columns, rows, clean).map { |y| [[column, row, columns, y - row], [column, y, columns, row + rows - y]] }
      end

      def upright(column, row, columns, rows, clean)
        ((column + 1)...(column + columns)).select do |x|
          @joints.upright?(x, row, rows) && reason?(changed(:across, x, row, 1, rows), rows, clean)
        end
      end

      def level(column, row, columns, rows, clean)
        ((row + 1)...(row + rows)).select do |y|
          @joints.level?(column, y, columns) && reason?(changed(:down, column, y, columns, 1), columns, clean)
        end
      end

      def reason?(changed, length, clean)
        clean ? changed == length : changed.positive?
      end

      # How many cells of a rectangle are of another box or fabric than the one before them.
      def changed(way, column, row, columns, rows)
        columns.positive? && rows.positive? ? changes.fetch(way).within(column, row, columns, rows) : 0
      end

      def changes
        @changes ||= { across: Joints::Sums.new(@columns, @rows) { |x, y| x.positive? && change?(x, y, x - 1, y) },
                       down: Joints::Sums.new(@columns, @rows) { |x, y| y.positive? && change?(x, y, x, y - 1) } }
      end

      def change?(column, row, its_column, its_row)
        @owners[row][column] != @owners[its_row][its_column] || @fabrics[row][column] != @fabrics[its_row][its_column]
      end
    end
  end
end
