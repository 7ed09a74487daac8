# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A chart: the squares and strips beside its letter.
    class ChartLines < Layer
      # @return [Laying, nil]
      def laying
        entry = entry_for(task.unit)
        return if entry.nil? || other_seam?

        cuts = [*cut(entry.mark, entry.squares, "square"), *cut(entry.mark, entry.strips, "strip")]
        Laying.new(tool: tool, mark: entry.mark, reads: :letter, scene: nil,
                   steps: [*cuts, "Go on by the method: #{tool.technique.tr('_', ' ')}."])
      end

      # @return [Missing, nil]
      def missing
        return if laying || !meant?
        return other_seam if other_seam?

        Missing.new(tool: tool, say: "It has no line for #{say(task.unit.measure_on_beam)} finished.")
      end

      private

      # Whether units of the kind are made with it at all, at some size.
      def meant?
        tool.makes == task.unit.class.kind
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
