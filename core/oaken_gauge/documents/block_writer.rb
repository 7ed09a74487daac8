# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes the document of a block from what it looks like, and the units that were chosen for it.
    class BlockWriter
      # @param picture [DeconstructDocument]
      def initialize(picture)
        @picture = picture
      end

      # @param name [String]
      # @param pieces [Array<Hash>] none for those of the best way, or of a unit on every cell where there are too many cells
      # @return [Hash]
      def write(name, pieces)
        apart = @picture.taking_apart
        side = Length.new(apart.cell, @picture.written_in).to_s
        { "name" => name, "columns" => [side] * apart.picture.columns, "rows" => [side] * apart.picture.rows,
          "pieces" => pieces.empty? ? best(apart) : pieces }
      end

      # @param pieces [Array<Hash>]
      # @return [Boolean] whether they look as it does
      # @raise [Invalid] where they are no units of a block
      def looks_like?(pieces)
        block = Documents.read(write("A block", pieces)) { |node| Blocks::Block.read(node) }
        seen = Blocks::Seen.new(Blocks::UnitsOf.new(block), most: DeconstructDocument::MOST).picture
        seen&.rows_of_cells == @picture.picture.rows_of_cells
      end

      private

      def best(apart)
        way = apart.soon? ? apart.ways.best.first : apart.cell_by_cell
        DeconstructWriter.new(apart, @picture.written_in).pieces(way)
      end
    end
  end
end
