# frozen_string_literal: true

module OakenGauge
  module Tools
    # Where the shapes lie in a blank, for its drawing: rows tiled as along strips, a quarter inch
    # from the edges, along the longer side of the blank. A die's document does not say how its steel
    # lies, so this is a likely layout; where it would not fit, nothing is drawn.
    #
    # @example
    #   DieLayout.new(die.blank, [[Polygon.rectangle(2, 2), 12]]).outlines.size   # => 12
    class DieLayout
      MARGIN = 1/4r

      # @param blank [Array(Rational, Rational)] inches
      # @param held [Array<Array(Polygon, Integer)>] patches as cut, and how many of each lie in a layer
      def initialize(blank, held)
        @high, @long = blank.minmax.map { |side| side - (2 * MARGIN) }
        @held = held
      end

      # @return [Array<Polygon>] row upon row, with the longer side of the blank level
      def outlines
        low = MARGIN
        laid = @held.flat_map do |outline, count|
          rows = rows_of(Tiling.new(outline), count, low)
          low += outline.height * rows.size
          rows.flatten
        end
        low <= @high + MARGIN + Plane::SAME ? laid : []
      end

      private

      def rows_of(tiling, count, low)
        per_row = [tiling.fit(@long), 1].max
        Array.new(count.fdiv(per_row).ceil) do |i|
          row(tiling, [per_row, count - (i * per_row)].min, low + (i * tiling.upright.height))
        end
      end

      def row(tiling, count, low)
        tiling.outlines(count).map { |outline| outline.move(MARGIN, low) }
      end
    end
  end
end
