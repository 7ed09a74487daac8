# frozen_string_literal: true

module OakenGauge
  module Tools
    # A light fusible sheet, printed with cells of one finished size. Each cell is printed a little larger than the
    # cut square, so that the fold has room.
    class FoundationGrid < Tool
      title "Foundation sheet"
      length :cell, least: 1/4r, most: LARGEST, because: "no smaller cell can be folded and sewn", label: "Finished side of a cell"
      integer :columns, within: 1..200
      integer :rows, within: 1..200
      length :ease, default: 0r, least: 0r, most: 1, label: "Printed larger by"
      made_for_seam

      # @param unit [Units::Unit]
      # @return [Integer] whole units on one panel
      def units_held(unit)
        high, wide = unit.side_lengths.map { |side| (side / cell).ceil }
        [(columns / wide) * (rows / high), (columns / high) * (rows / wide)].max
      end

      # @param unit [Units::Unit]
      # @return [Boolean]
      def holds?(unit)
        units_held(unit).positive?
      end
    end
  end
end
