# frozen_string_literal: true

module OakenGauge
  module Methods
    module Foundation
      # Units on loose pieces of a foundation sheet, one unit to a piece. Every unit is told in cells, each a plain square or
      # a half-square triangle (HST) of the cell's size; HSTs are sewn two at a time beforehand. A piece is laid, looked at,
      # fused, folded and sewn one way, snipped, pressed, and folded and sewn the other way. The folds are seams: where the
      # unit has none there, the sheet puts one in.
      class Panel < Method
        title "On pieces of a foundation sheet"
        makes :square, :rectangle, :half_square, :hourglass, :three_triangle, :flying_geese, :square_in_square, :cut_corner

        rebuilding Rebuilding::Foundation
        drawn_as StepDrawings::Sheet

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

        # @return [Array<Step>] the sheet is cut with the fabric
        def cutting_steps
          [*super, step(:cut_sheet, section.cuts(unit.count), pieces: unit.count, layers: 1)].compact
        end

        # @return [Array<Step>]
        def making_steps
          [*cell_steps, *piece_steps_on_sheet].compact
        end

        # The sheet with the largest cells of those on which the unit breaks down and fits.
        # @return [Tools::FoundationGrid, nil]
        def grid
          return @grid if defined?(@grid)

          @grid = (grids.select { |one| one.holds?(unit) && unit.cells(one.cell) }.max_by(&:cell) unless one_patch?)
        end

        # @return [Boolean] how large it comes out lies in how the cells are printed
        def sized?
          !grid.nil?
        end

        # @return [Array<Tools::FoundationGrid>] those printed for the seam allowance
        def grids
          task.drawer.of(Tools::FoundationGrid).select { |one| one.made_for_seam == seam }
        end

        # @return [Boolean] whether there is nothing to fold: one square, or one HST, is one cell
        def one_patch?
          unit.joins.size + 1 == unit.patches.size && unit.patches.size <= (unit.is_a?(Units::HalfSquare) ? 2 : 1)
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

        # @return [Section] the cells of one unit
        def section
          @section ||= Section.new(grid, *unit.side_lengths.reverse.map { |side| (side / grid.cell).to_i })
        end

        # @return [Array<Layout::Piece>] the squares that an HST is sewn of, or the one that is laid plain where there is none
        def pair_of_a_cell
          pairs.empty? ? squares.first(1) : pairs.first(2)
        end

        # @return [Array<Array(Symbol, String)>] which seams the folds put into a unit
        def remarks
          [[:seams_put_in, seams_put_in]]
        end

        # @return [String] the same
        def seams_put_in
          return "Its fold puts a seam down the middle of every goose." if unit.is_a?(Units::FlyingGeese) && section.size == 2

          folds = { "down" => section.first_folds.count, "across" => section.second_folds.count }.reject { |_, count| count.zero? }
          seams = Saying.form(folds.values.sum, "a seam", "seams")
          ways = folds.map { |way, count| "#{count} #{way}" }
          "Its folds put #{Saying.list(ways)} through every unit: #{seams} that it has not by itself."
        end

        private

        # The half-square cells, made two at a time.
        def cell_steps
          sets = halves.values.sum { |each| sets_of(each) }
          [step(:mark_diagonal, sets, on: "HST"), step(:sew_beside_line, 2 * sets, size: seam, length: (grid.cell + (4 * seam)) * SQRT2),
           step(:cut_on_line, sets), step(:press_seam, 2 * sets)]
        end

        def piece_steps_on_sheet
          snips = step(:snip_crossing, unit.count * section.snips)
          [*lay_steps(unit.count * section.size), *fold_steps(section.first_folds, snips), *fold_steps(section.second_folds)]
        end

        def lay_steps(cells)
          [step(:lay_cells, cells), step(:look_at_cells, unit.count), step(:fuse_cell, cells)]
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

        # All folds of one way, on all pieces, and what is done before they are pressed.
        def fold_steps(folds, *snips)
          count = folds.count * unit.count
          [step(:fold_and_sew, count, length: folds.length, size: seam), *snips, step(:press_seam, count)]
        end

        def grid_setting
          Tools::Setting.new(tool: grid, side: :cell, mark: grid.cell, reads: :finished, off_by: 0r,
                             say: "#{grid.name}: cells of #{say(grid.cell)} finished, pieces of #{section.columns} × #{section.rows} " \
                                  "cells, one for each unit; #{sheets}. #{seams_put_in}")
        end

        def sheets
          count = unit.count.fdiv(section.per_sheet).ceil
          "#{section.per_sheet} to a sheet, #{Saying.many(count, 'sheet')}"
        end
      end
    end
  end
end
