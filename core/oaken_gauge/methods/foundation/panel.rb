# frozen_string_literal: true

module OakenGauge
  module Methods
    module Foundation
      # Everything broken down into squares and half-square triangle units of a printed cell, fused to
      # the sheet and sewn in rows. The half-square units are made two at a time beforehand.
      class Panel < Method
        title "On a foundation sheet"
        makes :square, :rectangle, :half_square, :hourglass, :three_triangle, :flying_geese, :square_in_square, :cut_corner

        rebuilding Rebuilding::Foundation

        # @return [Array<Tools::Setting>]
        def settings
          @settings ||= grid ? [grid_setting, *super] : PanelRefusal.new(self).settings
        end

        # @return [Array<Layout::Piece>]
        def cuts
          @cuts ||= grid ? together(squares + pairs) : []
        end

        # @return [Array<Spare>] the half-square unit too many, where an odd number is needed
        def spares
          shape = OakenGauge::Patches::HalfSquare.new(grid.cell)
          odd = halves.select { |_, each| (each * unit.count).odd? }.keys.flatten
          odd.tally.map { |role, count| Spare.new(role: role, shape: shape, count: count) }
        end

        # @return [Array<Step>]
        def making_steps
          [*cell_steps, *panel_steps].compact
        end

        # The sheet with the largest cells of those on which the unit breaks down and fits.
        # @return [Tools::FoundationGrid, nil]
        def grid
          return @grid if defined?(@grid)

          @grid = grids.select { |one| one.holds?(unit) && unit.cells(one.cell) }.max_by(&:cell)
        end

        # @return [Array<Tools::FoundationGrid>] those printed for the seam allowance
        def grids
          task.drawer.of(Tools::FoundationGrid).select { |one| one.made_for_seam == seam }
        end

        # @return [Integer] what is folded has none
        def dog_ears(_round)
          0
        end

        # A folded seam holds sheet and fabric together: it cannot be opened.
        # @return [Boolean]
        def opens_seams?
          false
        end

        # @return [Construction::Foundation]
        def construction
          Construction::Foundation.new(self, grid, found.slanted)
        end

        private

        # The half-square cells, made two at a time.
        def cell_steps
          sets = halves.values.sum { |each| sets_of(each) }
          [step(:mark_diagonal, sets, on: "cell"), step(:sew_beside_line, 2 * sets, size: seam, length: (grid.cell + (4 * seam)) * SQRT2),
           step(:cut_on_line, sets), step(:press_seam, 2 * sets)]
        end

        def panel_steps
          cells = unit.count * found.size
          [step(:lay_cells, cells), step(:fuse_cell, cells), *fold_steps(folded.map(&:first), step(:snip, cells)),
           *fold_steps(folded.map(&:last))]
        end

        def found
          @found ||= unit.cells(grid.cell)
        end

        def halves
          found.halves
        end

        def squares
          found.squares.map { |role, each| piece(role, rectangle_piece(grid.cell), each * unit.count, then_do: :fuse) }
        end

        def pairs
          halves.flat_map do |(one, other), each|
            [piece(one, half_square_piece(grid.cell), sets_of(each), then_do: :mark_diagonal, marks: DIAGONAL),
             piece(other, half_square_piece(grid.cell), sets_of(each), then_do: :pair, marks: DIAGONAL)]
          end
        end

        # Pieces of one fabric and size are cut in one go, whatever cells they are for.
        def together(pieces)
          pieces.group_by { |cut| [cut.role, cut.size] }.map do |_, same|
            Layout::Piece.new(**same.first.to_h, count: same.sum(&:count))
          end
        end

        def sets_of(each)
          (each * unit.count/2r).ceil
        end

        def panels
          unit.count.fdiv(grid.units_held(unit)).ceil
        end

        # All folds one way are sewn, the allowances between cells snipped, and all pressed before the others.
        def fold_steps(ways, *snips)
          count = ways.sum(&:first)
          [step(:fold_and_sew, count, length: count.zero? ? 0 : ways.sum { |folds, length| folds * length } / count.to_f),
           *snips, step(:press_seam, count)]
        end

        # Of each panel only the cells that are used are folded: every line between two of them, one way and the other.
        # @return [Array<Array(Array(Integer, Rational), Array(Integer, Rational))>] folds and their length
        def folded
          units_on_panels.map do |units|
            columns, rows = grid.cells_used(unit, units)
            [[rows - 1, columns * grid.cell], [columns - 1, rows * grid.cell]]
          end
        end

        def units_on_panels
          full, rest = unit.count.divmod(grid.units_held(unit))
          [*[grid.units_held(unit)] * full, *([rest] if rest.positive?)]
        end

        def grid_setting
          Tools::Setting.new(tool: grid, side: :cell, mark: grid.cell, reads: :finished, off_by: 0r,
                             say: "#{grid.name}: cells of #{say(grid.cell)} finished, #{found.size} to a unit, " \
                                  "#{panels == 1 ? '1 panel' : "#{panels} panels"}. The same seam direction first on every panel.")
        end
      end
    end
  end
end
