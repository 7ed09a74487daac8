# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Where the shapes lie in a blank, for its drawing: rows tiled as along strips, a quarter inch
    # from the edges, along the longer side of the blank. A die's document does not say how its steel
    # lies, so this is a likely layout; where it would not fit, nothing is drawn.
    class DiePicture
      MARGIN = 1/4r

      # @param die [Tools::Die]
      # @param outline [Polygon] a patch as cut
      # @param count [Integer] how many lie in a layer
      def initialize(die, outline, count)
        @die = die
        @tiling = Tiling.new(outline)
        @count = count
      end

      # @return [Array<Polygon>] row upon row, with the longer side of the blank level
      def outlines
        high, long = @die.blank.minmax.map { |side| side - (2 * MARGIN) }
        per_row = @tiling.fit(long)
        rows = (high / @tiling.upright.height).floor
        return [] if per_row * rows < @count

        Array.new((@count / per_row.to_r).ceil) { |i| row(i, [per_row, @count - (i * per_row)].min) }.flatten
      end

      private

      def row(index, count)
        @tiling.outlines(count).map { |outline| outline.move(MARGIN, MARGIN + (index * @tiling.upright.height)) }
      end
    end
  end
end
