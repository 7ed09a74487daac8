# frozen_string_literal: true

module OakenGauge
  module Methods
    module Foundation
      # Why no foundation sheet in the drawer makes a unit.
      class PanelRefusal
        # @param method [Panel]
        def initialize(method)
          @method = method
        end

        # Adds the reason to the method.
        # @return [Array] no settings
        def settings
          sheets = @method.task.drawer.of(Tools::FoundationGrid)
          if @method.one_patch? then nothing_to_fold
          elsif sheets.empty? then @method.refuse(:no_tool, "There is no foundation sheet in the drawer. Add one.", lacks: :foundation_grid)
          elsif @method.grids.empty? then seam_mismatch(sheets.first)
          else no_cell
          end
          []
        end

        private

        def say(size)
          @method.say(size)
        end

        def nothing_to_fold
          what = @method.unit.patches.one? ? "one piece of fabric" : "one cell of a sheet"
          @method.refuse(:one_cell, "The unit is #{what}: there is nothing to fold. Use another method; a sheet is for " \
                                    "units of several cells, and for whole blocks.")
        end

        def seam_mismatch(sheet)
          its = sheet.line(sheet.made_for_seam, @method.task.measure)
          @method.refuse(:seam_mismatch, "#{sheet.name} is printed for a seam allowance of #{its}, " \
                                         "not #{say(@method.seam)}. Sew with #{its}, or use another method.")
        end

        def no_cell
          cells = Saying.list(@method.grids.map { |grid| say(grid.cell) }.uniq, "or")
          small = @method.grids.select { |grid| @method.unit.cells(grid.cell) }
          return too_small(small.first) unless small.empty?

          @method.refuse(:no_cell, "#{say(@method.unit.side_lengths)} is no whole number of cells of #{cells}. " \
                                   "Change the size to a whole number of cells, or use another sheet.")
        end

        def too_small(grid)
          @method.refuse(:panel_too_small, "One unit is larger than #{grid.name}, #{grid.columns} × #{grid.rows} cells. " \
                                           "Use a larger sheet.")
        end
      end
    end
  end
end
