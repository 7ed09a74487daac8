# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the document of a block from what it looks like, and the units that were chosen for it.
    class BlockWriter
      # @param picture [Blocks::Question]
      def initialize(picture)
        @picture = picture
      end

      # @param name [String]
      # @param pieces [Array<Hash>] none for those of the best way, or of a unit on every cell where there are too many cells
      # @param lines [Blocks::Lines, nil] its columns and rows where they are not one cell each; told where every unit lies on them
      # @return [Hash]
      def write(name, pieces, lines = nil)
        apart = @picture.taking_apart
        pieces = best(apart) if pieces.empty?
        across = lines && pieces.map { |piece| lines.across(piece) }
        columns, rows = across&.all? ? [lines.columns, lines.rows] : [[1] * apart.picture.columns, [1] * apart.picture.rows]
        { "name" => name, "columns" => lengths(columns), "rows" => lengths(rows), "pieces" => across&.all? ? across : pieces }
      end

      # @param pieces [Array<Hash>]
      # @return [Boolean] whether they look as it does
      # @raise [Invalid] where they are no units of a block
      def looks_like?(pieces)
        block = Documents.read(write("A block", pieces)) { |node| Blocks::Block.read(node) }
        seen = Blocks::Seen.new(Blocks::UnitsOf.new(block), most: Blocks::Question::MOST).picture
        seen&.rows_of_cells == @picture.picture.rows_of_cells
      end

      private

      def lengths(sides)
        sides.map { |cells| Length.new(@picture.taking_apart.cell * cells, @picture.written_in).to_s }
      end

      def best(apart)
        way = apart.soon? ? apart.ways.best.first : apart.cell_by_cell
        DeconstructWriter.new(apart, @picture.written_in).pieces(way)
      end
    end
  end
end
