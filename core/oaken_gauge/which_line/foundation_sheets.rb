# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A foundation sheet: how many of its cells the unit takes.
    class FoundationSheets < Layer
      # @return [Laying, nil]
      def laying
        return if other_seam? || !whole? || !task.unit.cells(tool.cell) || !tool.holds?(task.unit)

        Laying.new(tool: tool, mark: line(tool.cell), reads: :cell, steps: steps, scene: nil)
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

      def whole?
        (size / tool.cell).denominator == 1
      end

      def size_words
        wide, high = task.unit.side_lengths.reverse.map { |side| (side / tool.cell).to_i }
        "The unit is #{wide} × #{high} cells of #{line(tool.cell)}; one sheet holds #{tool.units_held(task.unit)}."
      end
    end
  end
end
