# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Columns and rows of a block that are not each one cell of its picture wide: of each, how many it is.
    #
    # @example A middle twice as wide as the sides, on a picture of 4 × 4 cells
    #   { "columns" => [1, 2, 1], "rows" => [1, 2, 1] }
    class Lines
      include Documents::Record

      MOST = Question::MOST
      SIDES = Documents::Composites::List.new(Documents::Scalars::Whole.new(1..MOST), 1..MOST)

      field :columns, SIDES
      field :rows, SIDES

      # @param block [Block]
      # @param picture [Hash] what it looks like, as a deconstruct document
      # @return [Lines]
      def self.of(block, picture)
        side = block.columns.sum / picture.fetch("cells").first.size
        new(columns: block.columns.map { |width| (width / side).to_i }, rows: block.rows.map { |height| (height / side).to_i })
      end

      # @return [Boolean] whether each is one cell
      def cells?
        (columns + rows).uniq == [1]
      end

      # @param columns [Integer] cells of a picture
      # @param rows [Integer]
      # @return [Array<Documents::Fault>] where they are not those of that picture
      def misfits(columns, rows)
        { "columns" => [self.columns, columns], "rows" => [self.rows, rows] }.filter_map do |name, (sides, cells)|
          next if sides.sum == cells

          Documents::Fault.new(pointer: "/lines/#{name}", message: "add up to #{sides.sum}: allowed are the #{cells} cells of the picture")
        end
      end

      # @param piece [Hash] "at" and "span" in cells
      # @return [Hash, nil] the same in columns and rows; nil where it begins or ends between them
      def across(piece)
        moved(piece) { |edges, place| edges.index(place) }
      end

      # @param piece [Hash] "at" and "span" in columns and rows
      # @return [Hash] the same in cells
      def in_cells(piece)
        moved(piece) { |edges, place| edges[place] }
      end

      private

      def moved(piece)
        spans = edges.zip(piece.fetch("at"), piece.fetch("span", [1, 1])).map do |sides, first, count|
          [first, first + count].map { |place| yield sides, place }
        end
        piece.merge("at" => spans.map(&:first), "span" => spans.map { |from, to| to - from }) unless spans.flatten.any?(&:nil?)
      end

      # Where columns and rows begin and end, in cells.
      def edges
        [columns, rows].map { |sides| sides.reduce([0]) { |all, side| all << (all.last + side) } }
      end
    end
  end
end
