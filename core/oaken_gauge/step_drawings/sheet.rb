# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # A unit on a piece of a foundation sheet: its half-square triangles first, then squares and triangles on their cells,
    # folded and sewn one way, then the other.
    class Sheet < Squares
      # How much of a cell is left bare round what is laid on it, until it is fused.
      LOOSE = 0.12

      def initialize(way)
        super
        @folded = 0
        @cells = SheetCells.new(unit, way.section, way.grid)
      end

      private

      def enter(round)
        super if round == 1 && way.cuts.any? { |cut| cut.marks.any? }
      end

      def stage_of(_round)
        diagonal(*way.pair_of_a_cell.reverse)
      end

      def laying_cells(_step)
        on_sheet(@cells.layers(1 - (2 * LOOSE)).first(1 + (@cells.layers(1).size / 2))).lines_of(:grid, @cells.grid)
      end

      def looking(_step)
        on_sheet(@cells.layers(1 - (2 * LOOSE))).lines_of(:grid, @cells.grid)
      end

      def fusing(_step)
        on_sheet(@cells.layers(1)).lines_of(:grid, @cells.grid)
      end

      # All folds of one way, then of the other.
      def folding(_step)
        @folded += 1
        on_sheet(@cells.layers(1)).lines_of(:fold, folds).lines_of(:seam, stitches)
      end

      def snipping(_step)
        on_sheet(@cells.layers(1)).lines_of(:seam, stitches).lines_of(:cut, @cells.crossings.map { |point| [point - seam, point + seam] })
      end

      def pressing(step)
        return super if @folded.zero?

        lines = @cells.public_send(first_way? ? :down : :across, whole.sides, way.grid.cell.to_f)
        Drawing.new.layers(whole.layers).lines_of(:seam, lines).lines_of(:press, lines.map { |line| pressed(*line) })
      end

      # From the middle of a fold, half a cell to one side.
      def pressed(from, to)
        middle = (from + to) / 2
        [middle, middle + (Plane.unit(to - from) * -1i * way.grid.cell.to_f / 2)]
      end

      def on_sheet(layers)
        Drawing.new.bed(@cells.sheet).layers(layers)
      end

      def folds
        first_way? ? @cells.down : @cells.across
      end

      def first_way?
        @folded == 1 && way.section.columns > 1
      end

      def stitches
        folds.flat_map do |from, to|
          aside = Plane.unit(to - from) * 1i * seam
          [[from + aside, to + aside], [from - aside, to - aside]]
        end
      end
    end
  end
end
