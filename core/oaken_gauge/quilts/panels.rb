# frozen_string_literal: true

module OakenGauge
  module Quilts
    # A quilt on foundation sheets: for each size of cell how its blocks are parted into panels, how large those are squared
    # up, and how many seams join them. Where blocks lie side by side a panel holds as many whole ones as its sheet does, all
    # panels as even as can be; with sashing between them, or on point, each block is made by itself and a sheet is cut apart
    # into as many as it holds. A block that is larger than a sheet is parted along its cells.
    #
    # @example 6 × 8 blocks of 6 × 6 cells of 1 on a sheet of 20 × 20: three blocks a side, 2 × 3 panels
    #   Panels.new(entries, setting, sheet).joins   # => 5
    class Panels
      # A sheet as she buys it where she has none: cells of these sizes, printed about so large.
      CELLS = [1r, 3/2r, 2r].freeze
      PRINTED = 20
      ASSUMED = "A sheet of about #{PRINTED} × #{PRINTED} inches".freeze

      # Panels of one size. - cells: [across, down]; - count: Integer
      Panel = Struct.new(:cells, :count, keyword_init: true)

      # @param tools [Array<Tools::Tool>] the drawer
      # @param seam [Rational] inches
      # @return [Array<Tools::FoundationGrid>] those in the drawer that are printed for the seam, and one of each usual size that
      #   is not there
      def self.sheets(tools, seam)
        own = tools.grep(Tools::FoundationGrid).select { |sheet| sheet.made_for_seam == seam }
        (own + (CELLS - own.map(&:cell)).map { |cell| assumed(cell, seam) }).sort_by(&:cell)
      end

      def self.assumed(cell, seam)
        one = Tools::FoundationGrid.new(id: nil, name: ASSUMED, cell: cell, columns: 1, rows: 1, made_for_seam: seam)
        one.with(columns: (PRINTED / one.printed).floor, rows: (PRINTED / one.printed).floor)
      end
      private_class_method :assumed

      # @return [Tools::FoundationGrid]
      attr_reader :sheet

      # @param entries [Array<Array(Blocks::UnitsOf, Integer)>] the blocks, and how often each is made
      # @param setting [Blocks::Setting]
      # @param sheet [Tools::FoundationGrid]
      def initialize(entries, setting, sheet)
        @entries = entries
        @setting = setting
        @sheet = sheet
      end

      # @return [Boolean] whether it can be one of the drawer
      def assumed?
        sheet.id.nil?
      end

      # @return [UnitsOf::Placed, Symbol, nil] the first unit that does not lie on whole cells, :block where the block does not
      def misfit
        return @misfit if defined?(@misfit)

        @misfit = whole?(*size) ? unit_between_cells : :block
      end

      # @return [Array(Integer, Integer)] cells of a block, across and down
      def block
        size.map { |side| (side / sheet.cell).to_i }
      end

      # @return [Array<Panel>] the largest first
      def panels
        columns, rows = *parts
        together = columns.product(rows).tally.map { |cells, count| Panel.new(cells: cells, count: count * apart) }
        together.sort_by { |panel| [-panel.cells.reduce(:*), panel.cells] }
      end

      # @return [Integer] seams that join panels to one another
      def joins
        (parts.map(&:size).reduce(:*) - 1) * apart
      end

      # @return [Integer] sheets that are needed
      def sheets
        return panels.sum(&:count) unless by_itself? && parts.all?(&:one?)

        (apart / limits.zip(block).map { |most, cells| most / cells }.reduce(:*).to_r).ceil
      end

      private

      def size
        @entries.first.first.size
      end

      def unit_between_cells
        @entries.flat_map { |units, _| units.corners }.find { |corner, placed| !fits?(corner, placed) }&.last
      end

      def whole?(*lengths)
        lengths.all? { |length| (length / sheet.cell).denominator == 1 }
      end

      def fits?(corner, placed)
        whole?(*corner) && placed.unit.cells(sheet.cell)
      end

      # Whether sashing or setting triangles lie between blocks.
      def by_itself?
        @setting.sashing || @setting.layout == :on_point
      end

      # How many times the same is parted.
      def apart
        by_itself? ? @entries.sum(&:last) : 1
      end

      def limits
        [sheet.columns, sheet.rows]
      end

      # Cells of each panel along both sides.
      def parts
        counts = by_itself? ? [1, 1] : [@setting.across, @setting.down]
        @parts ||= block.zip(limits, counts).map do |cells, most, count|
          cells > most ? even(cells * count, most) : even(count, most / cells, cells)
        end
      end

      # So many, in the fewest parts of no more than the most, as even as can be.
      def even(count, most, each = 1)
        parts = count.fdiv(most).ceil
        least, larger = count.divmod(parts)
        Array.new(parts) { |place| (place < larger ? least + 1 : least) * each }
      end
    end
  end
end
