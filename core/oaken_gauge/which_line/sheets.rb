# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A foundation sheet: how many cells the unit takes. A chart: the squares and strips beside its letter.
    class Sheets < Layer
      # @return [Laying, nil]
      def laying
        return if other_seam?

        tool.is_a?(Tools::Chart) ? chart : sheet
      end

      # @return [Missing, nil]
      def missing
        return if laying || !meant?
        return other_seam if other_seam?

        Missing.new(tool: tool, say: reason)
      end

      private

      # Whether units of the kind are made with it at all, at some size.
      def meant?
        tool.is_a?(Tools::Chart) ? tool.makes == task.unit.class.kind : (2..4).any? { |cells| task.unit.cells(size / cells) }
      end

      def size
        task.unit.measure_on_beam
      end

      def reason
        return "It has no line for #{say(size)} finished." if tool.is_a?(Tools::Chart)
        return "#{say(size)} finished is no whole number of cells of #{say(tool.cell)}." unless whole?

        tool.holds?(task.unit) ? "Cells of #{say(tool.cell)} are too large for its seams." : "The unit is larger than the sheet."
      end

      def sheet
        return unless whole? && task.unit.cells(tool.cell) && tool.holds?(task.unit)

        Laying.new(tool: tool, mark: line(tool.cell), reads: :cell, steps: sheet_steps, scene: nil)
      end

      def sheet_steps
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

      def chart
        entry = entry_for(task.unit) or return

        cuts = [*cut(entry.mark, entry.squares, "square"), *cut(entry.mark, entry.strips, "strip")]
        Laying.new(tool: tool, mark: entry.mark, reads: :letter, scene: nil,
                   steps: [*cuts, "Go on by the method: #{tool.technique.tr('_', ' ')}."])
      end

      def entry_for(unit)
        tool.lines.find { |one| [one.finished].flatten == [unit.finished].flatten } if meant?
      end

      def cut(mark, sizes, what)
        (sizes || {}).map { |role, size| "Line #{mark}: #{role} #{what} #{say(size)}." }
      end
    end
  end
end
