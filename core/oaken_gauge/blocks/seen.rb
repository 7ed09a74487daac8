# frozen_string_literal: true

module OakenGauge
  module Blocks
    # What a block of units looks like on square cells: on the largest cells on which each quarter is of one fabric.
    class Seen
      # Cells may be so many times as fine as the block's own columns and rows ask for.
      FINER = [1, 2, 4].freeze
      # Near the corners of a quarter and in its middle, from the middle of its cell, in sides of a cell: a quarter that is the
      # same there is all of one patch. For the top one; the others are turned.
      WITHIN = [[0, -0.33], [0, -0.05], [-0.42, -0.47], [0.42, -0.47]].freeze

      # @param units [UnitsOf]
      # @param most [Integer] cells on a side
      def initialize(units, most:)
        @units = units
        @most = most
      end

      # @return [Picture, nil] nil where its units lie on no cells, or on too many
      def picture
        cells = FINER.lazy.map { |finer| cells(cell / finer) }.find { |one| one.nil? || one.flatten.all? }
        cells && Picture.new(cells)
      end

      private

      # The largest length of which every column and row is so many.
      def cell
        @cell ||= begin
          part = @units.lengths.map(&:denominator).reduce(:lcm)
          Rational(@units.lengths.map { |length| (length * part).to_i }.reduce(:gcd), part)
        end
      end

      # @return [Array, nil] nil where they would be too many
      def cells(side)
        columns, rows = @units.size.map { |length| (length / side).to_i }
        return if [columns, rows].max > @most

        Array.new(rows) do |row|
          Array.new(columns) { |column| Array.new(4) { |quarter| fabric(column + 0.5, row + 0.5, quarter, side) } }
        end
      end

      def fabric(across, down, quarter, side)
        seen = WITHIN.map { |x, y| at(*turned(x, y, quarter).zip([across, down]).map { |more, middle| (middle + more) * side }) }
        seen.uniq.size == 1 ? seen.first : nil
      end

      def turned(across, down, quarters)
        quarters.times { across, down = -down, across }
        [across, down]
      end

      def at(across, down)
        near = outlines.fetch([reached(across), reached(down)], [])
        near.find { |_, corners| Plane.within?(corners, across, down) }&.first
      end

      # By the cells that each reaches into: a block of hundreds of patches is looked at in moments.
      def outlines
        @outlines ||= @units.outlines.each_with_object(Hash.new { |all, place| all[place] = [] }) do |(fabric, corners), cells|
          outline = [fabric, corners.map { |corner| corner.map(&:to_f) }]
          places(outline.last).each { |place| cells[place] << outline }
        end
      end

      def places(corners)
        columns, rows = corners.transpose.map { |ways| Range.new(*ways.minmax.map { |way| reached(way) }).to_a }
        columns.product(rows)
      end

      def reached(way)
        (way / cell).floor
      end
    end
  end
end
