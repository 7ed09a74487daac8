# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A block as it is seen: square cells, each of four quarters (top, right, bottom, left) that meet in its middle, each
    # quarter of one fabric. What a cell was called when it was written down does not matter.
    #
    # @example
    #   Picture.new([[%w[sky sky goose goose], %w[sky goose goose sky]]]).columns   # => 2
    class Picture
      TOP, RIGHT, BOTTOM, LEFT = *0..3
      # What each way of cutting a cell makes of the fabrics it names.
      CUTS = { "whole" => [0, 0, 0, 0], "rising" => [0, 1, 1, 0], "falling" => [0, 0, 1, 1], "quartered" => [0, 1, 2, 3] }.freeze

      # Each symmetry by where it takes a quarter of a cell: from column, row and quarter, in a picture of so many columns and
      # rows, to those of the quarter that it lies on afterwards.
      SYMMETRIES = {
        "quarter_turn" => ->(x, y, q, _, rows) { [rows - 1 - y, x, (q + 1) % 4] },
        "half_turn" => ->(x, y, q, columns, rows) { [columns - 1 - x, rows - 1 - y, (q + 2) % 4] },
        "mirror_across" => ->(x, y, q, columns, _) { [columns - 1 - x, y, (4 - q) % 4] },
        "mirror_down" => ->(x, y, q, _, rows) { [x, rows - 1 - y, (6 - q) % 4] },
        "mirror_rising" => ->(x, y, q, columns, rows) { [rows - 1 - y, columns - 1 - x, 1 - (q % 2) + (q < 2 ? 0 : 2)] },
        "mirror_falling" => ->(x, y, q, *) { [y, x, 3 - q] }
      }.freeze
      # Those that give a picture as wide as it was high.
      TURNING = %w[quarter_turn mirror_rising mirror_falling].freeze

      # @return [Array<Array<Array<String>>>] rows of cells of four fabrics
      attr_reader :rows_of_cells
      # @return [Integer]
      attr_reader :columns, :rows

      # @param rows_of_cells [Array<Array<Array<String>>>] as many cells in each row
      def initialize(rows_of_cells)
        @rows_of_cells = rows_of_cells
        @rows = rows_of_cells.size
        @columns = rows_of_cells.first.size
      end

      # @param cut [String] one of {CUTS}
      # @param fabrics [Array<String>]
      # @return [Array<String>] the four quarters of a cell
      def self.quarters(cut, fabrics)
        CUTS.fetch(cut).map { |place| fabrics.fetch(place) }
      end

      # @return [String] the fabric of a quarter of a cell
      def at(column, row, quarter)
        @rows_of_cells[row][column][quarter]
      end

      # @return [Array<String>] the fabrics of all quarters, row by row
      def quarters
        @quarters ||= @rows_of_cells.flatten
      end

      # @return [Boolean] whether a cell is of one fabric
      def plain?(column, row)
        @rows_of_cells[row][column].uniq.size == 1
      end

      # @return [Array<String>] the names of those that hold
      def symmetry
        SYMMETRIES.select { |name, taking| (columns == rows || !TURNING.include?(name)) && kept?(taking) }.keys
      end

      # @return [Boolean] whether its quarters are one part of it four times, however each is turned
      def quadrants?
        return false unless columns == rows && columns.even?

        half = columns / 2
        parts = rows_of_cells.each_slice(half).flat_map { |band| [band.map { |row| row.first(half) }, band.map { |row| row.last(half) }] }
        parts.map { |part| turns(part).min }.uniq.one?
      end

      private

      def turns(part)
        (1..3).reduce([part]) { |all, _| all << all.last.reverse.transpose.map { |row| row.map { |quarters| quarters.rotate(-1) } } }
      end

      def kept?(taking)
        each_quarter.all? do |x, y, q|
          across, down, quarter = taking.call(x, y, q, columns, rows)
          at(x, y, q) == at(across, down, quarter)
        end
      end

      def each_quarter
        return to_enum(:each_quarter) unless block_given?

        rows.times { |y| columns.times { |x| 4.times { |q| yield x, y, q } } }
      end
    end
  end
end
