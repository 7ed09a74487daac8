# frozen_string_literal: true

module OakenGauge
  module Construction
    # A unit on a foundation sheet. Its lines are printed, so nothing of the cutting enters: its size is
    # that of its cells, a little large for the ease, less what each fold takes up; half of every outer
    # fold is the unit's own. A point is off by how its cell was laid on the ticks, and by what the two
    # folds that cross there take differently.
    class Sheet
      # @param method [Methods::Method]
      # @param grid [Tools::FoundationGrid]
      # @param halves [Boolean] whether any cell has a seam from corner to corner
      def initialize(method, grid, halves:)
        @method = method
        @grid = grid
        @halves = halves
      end

      # @param draws [Draws]
      # @return [Measures]
      def call(draws)
        @draws = draws
        taken = -draws.always(:fold_and_sew, :fold_take_up) - (2 * draws.always(:fold_and_sew, :take_up)) +
                (2 * draws.always(:fold_and_sew, :scant))
        ways = @method.unit.side_lengths.map { |side| folds((side / @grid.cell).to_i) }
        Measures.new(sizes: ways.map { |folds| side(folds, taken) }, points: points(ways), slack: [], bias_edges: 0)
      end

      private

      # What every fold across a unit of so many cells takes beside its due; the outer ones by half.
      def folds(cells)
        Array.new(cells + 1) do |i|
          off = @draws.spread(:fold_and_sew, :fold)
          i.between?(1, cells - 1) ? off : off / 2
        end
      end

      def side(folds, taken)
        ((@grid.ease.to_f + taken) * (folds.size - 1)) - folds.sum
      end

      # Along a diagonal, what both folds take alike moves the point and its place together.
      def points(ways)
        return [] unless @halves

        [@draws.spread(:lay_cells, :laying) + ((ways.first.first - ways.last.first) / SQRT2)]
      end
    end
  end
end
