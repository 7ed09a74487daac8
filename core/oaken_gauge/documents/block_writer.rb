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
      # @param pieces [Array<Hash>] none for those of the best way
      # @return [Hash]
      def write(name, pieces)
        apart = @picture.taking_apart
        side = Length.new(apart.cell, @picture.written_in).to_s
        { "name" => name, "columns" => [side] * apart.picture.columns, "rows" => [side] * apart.picture.rows,
          "pieces" => pieces.empty? ? best(apart) : pieces }
      end

      private

      def best(apart)
        DeconstructWriter.new(apart, @picture.written_in).write["ways"].first["pieces"]
      end
    end
  end
end
