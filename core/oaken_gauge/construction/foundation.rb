# frozen_string_literal: true

module OakenGauge
  module Construction
    # A unit on a foundation sheet. Its lines are printed, so nothing of the cutting enters: its size is
    # that of its cells, a little large for the ease, less what each fold takes up; half of every outer
    # fold is the unit's own. A point, at either end of the seam across a cell, is off by how the cell was laid on
    # the ticks, and by what the two folds that cross there take differently.
    class Foundation
      # Cells whose points are looked at; those of more are as good as these.
      MOST_CELLS = 12

      # @param method [Methods::Method]
      # @param grid [Tools::FoundationGrid]
      # @param cells [Array<Array(Integer, Integer, Integer)>] column, row and slope of those with a seam across
      def initialize(method, grid, cells)
        @method = method
        @grid = grid
        @cells = cells.first(MOST_CELLS)
      end

      # @param draws [Draws]
      # @return [Measures]
      def call(draws)
        taken = taken(draws)
        ways = @method.unit.side_lengths.map { |side| folds((side / @grid.cell).to_i, draws) }
        Measures.new(sizes: ways.map { |folds| side(folds, taken) }, slack: [], bias_edges: 0,
                     points: @cells.flat_map { |cell| ends(cell, ways, draws.spread(:lay_cells, :laying)) })
      end

      private

      # What the folds of every cell always take.
      def taken(draws)
        (2 * draws.always(:fold_and_sew, :scant)) - draws.always(:fold_and_sew, :fold_take_up) - (2 * draws.always(:fold_and_sew, :take_up))
      end

      # What every fold across a unit takes beside its due.
      def folds(cells, draws)
        Array.new(cells + 1) { draws.spread(:fold_and_sew, :fold) }
      end

      # The outer ones by half.
      def side(folds, taken)
        ((@grid.ease.to_f + taken) * (folds.size - 1)) - folds.sum + ((folds.first + folds.last) / 2)
      end

      # Along a diagonal, what both folds take alike moves the point and its place together.
      def ends((column, row, slope), (lying, standing), laid)
        rows = slope.positive? ? [row, row + 1] : [row + 1, row]
        [column, column + 1].zip(rows, [1, -1]).map { |x, y, side| laid + (side * (standing[x] - lying[y]) / (2 * SQRT2)) }
      end
    end
  end
end
