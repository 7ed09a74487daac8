# frozen_string_literal: true

module OakenGauge
  module Units
    # Taking a unit apart on a grid, as a foundation sheet is printed.
    module Cells
      # - roles: the fabrics of a cell: one for a square, two for a half-square triangle, in the order
      #   of the unit's roles
      # - column, row: its place, from the lower left
      Cell = Struct.new(:roles, :column, :row, keyword_init: true)

      # Cells are the same for every size of a shape.
      KEPT = Memo.new(1000)
      private_constant :KEPT

      # @param cell [Rational] finished side of a cell, inches
      # @return [Array<Cell>, nil] squares and half-square triangles, or nil when the unit does not
      #   break down to such cells
      def cells(cell)
        (@cells ||= {}).fetch(cell) { @cells[cell] = break_down(cell) }
      end

      private

      def break_down(cell)
        rows, columns = side_lengths.map { |side| side / cell.to_r }
        return unless rows.denominator == 1 && columns.denominator == 1 && outline.area == side_lengths.inject(:*)

        KEPT.fetch([self.class, proportions, rows, columns]) { cells_of(cell, rows, columns) }
      end

      def cells_of(cell, rows, columns)
        (0...rows.to_i).to_a.product((0...columns.to_i).to_a).map do |row, column|
          cell_at(cell, column, row) || (return nil)
        end
      end

      def cell_at(side, column, row)
        square = Polygon.rectangle(side.to_f, side.to_f).move((column * side).to_f, (row * side).to_f)
        held = held_in(square)
        roles = self.class.roles & held.keys
        Cell.new(roles: roles, column: column, row: row) if whole?(held, side) || halves?(held, side)
      end

      # @return [Hash{Symbol => Array<Polygon>}] the parts of each fabric inside a cell
      def held_in(square)
        floating_patches.select { |_, outline| outline.near?(square) }.each_with_object({}) do |(role, outline), held|
          part = outline.inside(square)
          (held[role] ||= []) << part if part && part.area > 1e-9
        end
      end

      def floating_patches
        @floating_patches ||= patches.map { |patch| [patch.role, patch.outline.floating] }
      end

      def whole?(held, side)
        held.size == 1 && (held.values.first.sum(&:area) - (side**2)).abs < 1e-9
      end

      # Two triangles, each with a square corner of the cell: each covers half, and reaches two
      # neighbouring sides from end to end.
      def halves?(held, side)
        held.size == 2 && held.values.flatten.all? do |part|
          (part.area - ((side**2) / 2)).abs < 1e-9 && (part.width - side).abs < 1e-9 && (part.height - side).abs < 1e-9 &&
            corner_count(part) == 3
        end
      end

      def corner_count(part)
        part.corners.map { |corner| corner.map { |number| number.to_f.round(6) } }.uniq.size
      end
    end
  end
end
