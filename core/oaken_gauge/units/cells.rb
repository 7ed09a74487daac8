# frozen_string_literal: true

module OakenGauge
  module Units
    # Taking a unit apart on a grid, as a foundation sheet is printed: into squares and half-square triangles of a
    # cell. A unit breaks down so when all its corners lie on corners of cells and all its edges along the cells'
    # sides or diagonals. Cells are counted, not gone through: only those on a slanted seam are looked at.
    #
    # @example A goose of 2 × 4 on cells of 1
    #   cells.size      # => 8
    #   cells.halves    # => { [:goose, :sky] => 4 }
    #   cells.squares   # => { goose: 2, sky: 2 }
    module Cells
      # - size: Integer, all cells; - squares: {role => count}; - halves: {[role, role] => count}, roles in the
      #   order of the unit's; - slanted: [[column, row, 1 or -1]], the cells with a seam that rises or falls
      Count = Struct.new(:size, :squares, :halves, :slanted, keyword_init: true)

      # @param cell [Rational] finished side of a cell, inches
      # @return [Count, nil] nil when the unit does not break down to such cells
      def cells(cell)
        frame.known.fetch([:cells, cell]) { [count_cells(cell)] }.first
      end

      private

      def count_cells(cell)
        size = side_lengths.map { |side| side / cell.to_r }
        return unless size.all? { |cells| cells.denominator == 1 } && outline.area == side_lengths.inject(:*)

        laid = on_cells(cell) or return
        counted(size.inject(:*).to_i, laid, slanted(laid).select { |_, roles| roles.uniq.size == 2 })
      end

      def counted(size, laid, seamed)
        halves = seamed.values.map { |roles| self.class.roles & roles }.tally
        Count.new(size: size, halves: halves, squares: squares_beside(laid, halves),
                  slanted: seamed.keys.map { |place, slope| [*place.rect, slope] })
      end

      # Its patches with a cell for an inch, or nil when one of them does not lie on the cells.
      # @return [Array<Array(Symbol, Array<Complex>)>]
      def on_cells(cell)
        laid = patches.map { |patch| [patch.role, patch.outline.points.map { |point| on_corner(point / cell) }] }
        laid if laid.all? { |_, corners| corners.all? && corners.zip(corners.rotate).all? { |from, to| along_cells?(to - from) } }
      end

      def on_corner(point)
        corner = Complex.rect(point.real.round, point.imag.round)
        corner if Plane.same?(point, corner)
      end

      def along_cells?(way)
        way.real.zero? || way.imag.zero? || way.real.abs == way.imag.abs
      end

      # The cells that slanted edges cut through and which way, each with the fabrics on either side.
      # @return [Hash{Array(Complex, Integer) => Array<Symbol>}]
      def slanted(laid)
        laid.each_with_object(Hash.new { |cells, place| cells[place] = [] }) do |(role, corners), found|
          corners.zip(corners.rotate).each { |from, to| cut_cells(from, to - from).each { |place| found[place] << role } }
        end
      end

      # Lower left corners of the cells on a slanted edge, and its slope; none for another.
      def cut_cells(from, way)
        step = Complex.rect(way.real <=> 0, way.imag <=> 0)
        return [] if step.rect.any?(&:zero?)

        first = from + Complex.rect(*step.rect.map { |part| [part, 0].min })
        Array.new(way.real.abs) { |i| [first + (step * i), step.rect.inject(:*)] }
      end

      def squares_beside(laid, halves)
        areas = laid.group_by(&:first).transform_values { |list| list.sum { |_, corners| Polygon.new(corners).area } }
        areas.to_h { |role, area| [role, (area - (halves.sum { |pair, count| pair.include?(role) ? count : 0 }/2r)).to_i] }
             .select { |_, count| count.positive? }
      end
    end
  end
end
