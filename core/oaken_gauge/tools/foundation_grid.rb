# frozen_string_literal: true

module OakenGauge
  module Tools
    # A light fusible sheet, printed with cells of one finished size. Each cell is printed a little larger than the
    # cut square, so that the fold has room.
    class FoundationGrid < Tool
      title "Foundation sheet"
      group "Whole panels"
      common 11
      length :cell, least: 1/4r, most: LARGEST, because: "no smaller cell can be folded and sewn", label: "Finished side of a cell"
      integer :columns, within: 1..200
      integer :rows, within: 1..200
      length :ease, default: 1/16r, least: 0r, most: 1, label: "Printed larger by"
      made_for_seam

      # @param unit [Units::Unit]
      # @return [Integer] whole units on one panel
      def units_held(unit)
        ways_round(unit).map { |wide, high| (columns / wide) * (rows / high) }.max
      end

      # So many units side by side, and in rows above one another when one row is full.
      # @param unit [Units::Unit]
      # @param count [Integer] of them, no more than it holds
      # @return [Array(Integer, Integer)] columns and rows of cells that are used
      def cells_used(unit, count)
        wide, high = ways_round(unit).max_by { |across, up| (columns / across) * (rows / up) }
        beside = [count, columns / wide].min
        [beside * wide, count.fdiv(beside).ceil * high]
      end

      # @param unit [Units::Unit]
      # @return [Boolean]
      def holds?(unit)
        units_held(unit).positive?
      end

      # Its cells as they are printed, with the allowance and the ease.
      # @return [Picture]
      def picture
        Picture.draw(written_in) do |draw|
          draw.body(Polygon.rectangle(columns * printed, rows * printed)).label([printed/2r] * 2, cell)
          draw_cells(draw)
        end
      end

      # @return [Rational] inches from one printed line to the next
      def printed
        cell + (2 * made_for_seam) + ease
      end

      private

      def draw_cells(draw)
        (1...columns).each { |place| draw.upright(place * printed, 0, draw.height, :half) }
        (1...rows).each { |place| draw.level(place * printed, 0, draw.width, :half) }
      end

      # Cells across and up that a unit takes, as it stands and lying.
      def ways_round(unit)
        high, wide = unit.side_lengths.map { |side| (side / cell).ceil }
        [[wide, high], [high, wide]]
      end
    end
  end
end
