# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # A unit on a loose piece of a foundation sheet: printed lines, folded one after another, what each fold takes gone from
    # both cells beside it; outside, the fabric as it was laid, less its allowance; on the ticks of a cell its seam, a little
    # off. What is seen of the cells is measured.
    class Foundation
      # Cells whose points are looked at; those of more are as good as these.
      MOST_CELLS = 12

      # @param method [Methods::Foundation::Panel]
      def initialize(method)
        @unit = method.unit
        @grid = method.grid
        @method = method
      end

      # @param chance [Chance]
      # @return [Construction::Measures]
      def call(chance)
        @chance = chance
        @skill = Construction::Skill.new(@method, chance)
        ways = @unit.side_lengths.map { |side| seen((side / @grid.cell).to_i) }
        cells = @unit.cells(@grid.cell).slanted.first(MOST_CELLS)
        Construction::Measures.new(sizes: ways.map { |spans| size(spans) }, points: cells.flat_map { |cell| ends(cell, *ways) }, slack: [],
                                   bias_edges: 0)
      end

      # @param _round [nil] it has a size when the last fold is sewn
      # @param chance [Chance]
      # @return [Array<Numeric>] what its height and its width are too large, inches
      def sides_after(_round, chance)
        call(chance).sizes
      end

      # @return [Float] how far a figure may lie off the budget's, in which pieces that are out of square turn less, inches
      def turns
        0.0
      end

      private

      # What a fold takes of the printed lines: fold and thread, less what is sewn scant, and the allowances of both cells.
      def taken
        always = %i[fold_take_up take_up take_up].sum { |kind| @chance.always(:fold_and_sew, kind) }
        (2 * @method.seam.to_f) + always - (2 * @chance.always(:fold_and_sew, :scant, 1)) + @chance.spread(:fold_and_sew, :fold)
      end

      # The fabric lies in the middle of the ease, and its allowance is not seen; what it is too large stands out by half.
      def outside(too_large)
        (@grid.ease.to_f / 2) + @method.seam.to_f + @chance.spread(:lay_cells, :laying) - (too_large / 2)
      end

      # What a cell's fabric is too large before it is laid: an HST that was sewn two at a time, or a square.
      def too_large
        squares = @method.pair_of_a_cell
        cut = squares.sum { |square| @skill.piece(square).first } / squares.size
        (squares.one? ? cut : cut - opened_away) - @grid.cell.to_f - (2 * @method.seam.to_f)
      end

      # Of a square of two triangles, what its seam takes.
      def opened_away
        SQRT2 * (@method.seam.to_f + @skill.depth + (@skill.pressed / 2))
      end

      # Both ends of a single cell are those of one piece of fabric.
      def ends_of_a_row(cells)
        first = too_large
        [outside(first), outside(cells == 1 ? first : too_large)]
      end

      # Of each cell in a row, from where to where it is seen on the printed sheet.
      def seen(cells)
        first, last = ends_of_a_row(cells)
        halves = [first] + Array.new(cells - 1) { taken / 2 } + [last]
        printed = @grid.printed.to_f
        Array.new(cells) { |i| [(i * printed) + halves[i], ((i + 1) * printed) - halves[i + 1]] }
      end

      def size(spans)
        spans.sum { |from, to| to - from } - (spans.size * @grid.cell.to_f)
      end

      # How far the seam passes the corners that are seen of a cell.
      def ends((column, row, slope), upward, across)
        seam = seam(Complex(column + 0.5, row + 0.5) * @grid.printed.to_f, slope)
        corners = slope.positive? ? upward[row] : upward[row].reverse
        across[column].zip(corners).map { |x, y| seam.beyond(x + (y * 1i), Complex(-slope, 1) / SQRT2) }
      end

      def seam(middle, slope)
        Line.new(middle, middle + Complex(1, slope)).inward(@chance.spread(:lay_cells, :laying))
      end
    end
  end
end
