# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A foundation sheet: how many of its cells the unit takes.
    class FoundationSheets < Layer
      # Cells of it that are drawn beside the unit.
      BESIDE = 2
      # Cells of a unit: more could not be told apart.
      MOST_DRAWN = 400

      # @return [Laying, nil]
      def laying
        return if other_seam? || !whole? || !task.unit.cells(tool.cell) || !tool.holds?(task.unit)

        Laying.new(tool: tool, mark: line(tool.cell), reads: :cell, steps: steps, scene: drawn)
      end

      # @return [Missing, nil]
      def missing
        return if laying || !meant?

        other_seam? ? other_seam : Missing.new(tool: tool, say: reason)
      end

      private

      # Whether units of the kind are made with it at all, at some size.
      def meant?
        (2..4).any? { |cells| task.unit.cells(size / cells) }
      end

      def size
        task.unit.measure_on_beam
      end

      def reason
        return "#{say(size)} finished is no whole number of cells of #{say(tool.cell)}." unless whole?

        tool.holds?(task.unit) ? "Cells of #{say(tool.cell)} are too large for its seams." : "The unit is larger than the sheet."
      end

      def steps
        [size_words,
         "Cut squares #{say(tool.cell + (2 * seam))} for the plain cells; make half-square triangle units of that size for the others.",
         "Lay each with its seam on the ticks at the corners of its cell."]
      end

      def drawn
        scene if wide * high <= MOST_DRAWN
      end

      # The first unit on a corner of the sheet: its cells, and the seams on the ticks.
      def scene
        Scene.new(fabric: cells, pieces: [], bodies: [Polygon.rectangle(*at(*shown))], lines: printed_cells(*shown), lit: seams,
                  label: Label.new([tool.printed / 2, -1/4r], line(tool.cell)))
      end

      # So many columns and rows of the sheet, that it can be told from the unit.
      def shown
        [columns, rows].zip([tool.columns, tool.rows]).map { |taken, all| [taken.size + BESIDE, all].min }
      end

      def cells
        cell = Polygon.rectangle(tool.printed, tool.printed)
        columns.product(rows).map { |column, row| cell.move(*at(column, row)) }
      end

      # Of the sheet, those that the unit takes.
      def columns
        (0...(lying? ? high : wide)).to_a
      end

      def rows
        (0...(lying? ? wide : high)).to_a
      end

      def printed_cells(right, top)
        (1...right).map { |place| Line.new(at(place, 0), at(place, top), :half) } +
          (1...top).map { |place| Line.new(at(0, place), at(right, place), :half) }
      end

      def seams
        task.unit.cells(tool.cell).slanted.map do |column, row, slope|
          ends = slope.positive? ? [[0, 0], [1, 1]] : [[0, 1], [1, 0]]
          Line.new(*ends.map { |right, over| at(*turned(column + right, row + over)) }, :main)
        end
      end

      # A unit that is wider than the sheet lies on it the other way round.
      def lying?
        wide > tool.columns || high > tool.rows
      end

      def turned(column, row)
        lying? ? [high - row, column] : [column, row]
      end

      def at(column, row)
        [column * tool.printed, row * tool.printed]
      end

      # How many cells the unit goes across, and up.
      def wide
        (task.unit.side_lengths.last / tool.cell).to_i
      end

      def high
        (task.unit.side_lengths.first / tool.cell).to_i
      end

      def whole?
        (size / tool.cell).denominator == 1
      end

      def size_words
        "The unit is #{wide} × #{high} cells of #{line(tool.cell)}; one sheet holds #{tool.units_held(task.unit)}."
      end
    end
  end
end
