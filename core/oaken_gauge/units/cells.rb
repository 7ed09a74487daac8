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
      #   order of the unit's
      Count = Struct.new(:size, :squares, :halves, keyword_init: true)

      # @param cell [Rational] finished side of a cell, inches
      # @return [Count, nil] nil when the unit does not break down to such cells
      def cells(cell)
        (@cells ||= {}).fetch(cell) { @cells[cell] = count_cells(cell) }
      end

      private

      def count_cells(cell)
        size = side_lengths.map { |side| side / cell.to_r }
        return unless size.all? { |cells| cells.denominator == 1 } && outline.area == side_lengths.inject(:*)

        laid = on_cells(cell) or return
        halves = halves_of(laid)
        Count.new(size: size.inject(:*).to_i, halves: halves, squares: squares_beside(laid, halves))
      end

      def halves_of(laid)
        slanted(laid).values.select { |roles| roles.uniq.size == 2 }.map { |roles| self.class.roles & roles }.tally
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

      # The cells that slanted edges cut through, each with the fabrics on either side.
      # @return [Hash{Complex => Array<Symbol>}]
      def slanted(laid)
        laid.each_with_object(Hash.new { |cells, place| cells[place] = [] }) do |(role, corners), found|
          corners.zip(corners.rotate).each { |from, to| cut_cells(from, to - from).each { |place| found[place] << role } }
        end
      end

      # Lower left corners of the cells on a slanted edge; none for another.
      def cut_cells(from, way)
        return [] if way.real.zero? || way.imag.zero?

        step = Complex.rect(way.real <=> 0, way.imag <=> 0)
        first = from + Complex.rect([step.real, 0].min, [step.imag, 0].min)
        Array.new(way.real.abs) { |i| first + (step * i) }
      end

      def squares_beside(laid, halves)
        areas = laid.group_by(&:first).transform_values { |list| list.sum { |_, corners| Polygon.new(corners).area } }
        areas.to_h { |role, area| [role, (area - (halves.sum { |pair, count| pair.include?(role) ? count : 0 }/2r)).to_i] }
             .select { |_, count| count.positive? }
      end
    end
  end
end
