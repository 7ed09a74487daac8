# frozen_string_literal: true

module OakenGauge
  module Cutters
    # The trimmer in the drawer that a unit is best trimmed with: one with a groove for just this size
    # first, then one with a line laid on the seam. A straight ruler will do where there is none.
    class Trimmers
      # @param method [Methods::Method]
      def initialize(method)
        @method = method
      end

      # @return [Array<Tools::Setting>] one, or none
      def settings
        mark = marks.min_by { |found| found.reads == :finished ? 0 : 1 } or return []
        [Tools::Setting.new(tool: mark.tool, side: mark.side, mark: mark.printed, reads: mark.reads, off_by: 0r, say: words(mark))]
      end

      private

      def unit
        @method.unit
      end

      def marks
        tools = @method.task.drawer.grep(Tools::SeamLockTrimmer) + @method.task.drawer.grep(Tools::UnitTrimmer)
        tools.select { |tool| tool.made_for_seam == @method.seam }.flat_map(&:trim_marks)
             .select { |mark| mark.makes == unit.class.kind && mark.finished == unit.finished }
      end

      def words(mark)
        return "Trim with #{mark.tool.name}: its groove sits on the seam." if mark.reads == :finished

        "Trim with #{mark.tool.name} at #{mark.label(@method.task.measure)}, its centre line on the seam: two sides, half turn, two sides."
      end
    end
  end
end
