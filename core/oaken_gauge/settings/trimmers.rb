# frozen_string_literal: true

module OakenGauge
  module Settings
    # The trimmer in the drawer that a unit is best trimmed with: one with a groove for just this size
    # first, then one with a line laid on the seam. A straight ruler will do where there is none.
    class Trimmers
      # @param method [Methods::Method]
      def initialize(method)
        @method = method
      end

      # @return [Array<Tools::Setting>] one, or none
      def settings
        return [] unless mark

        [Tools::Setting.new(tool: mark.tool, side: mark.side, mark: mark.printed, reads: mark.reads, off_by: 0r, say: words)]
      end

      # @return [Tools::Mark, nil] nil when a straight ruler has to do
      def mark
        @mark ||= marks.min_by { |found| found.reads == :finished ? 0 : 1 }
      end

      # @return [Symbol] the value of the profile that says how true it trims
      def kind
        mark&.reads == :finished ? :trim_groove : :trim_line
      end

      private

      def unit
        @method.unit
      end

      def marks
        grooves.select { |mark| mark.makes == unit.class.kind } + lines
      end

      def grooves
        locks = @method.task.drawer.of(Tools::SeamLockTrimmer).select { |tool| tool.made_for_seam == @method.seam }
        locks.flat_map(&:trim_marks).select { |mark| mark.finished == unit.finished }
      end

      # A letter means one finished size; an unfinished number is right with any allowance.
      def lines
        unfinished, other = unit.side_lengths.map { |side| side + (2 * @method.seam) }.uniq
        return letters if other

        @method.task.drawer.of(Tools::UnitTrimmer).flat_map { |tool| tool.marks_trimming(unit.class.kind, unfinished) }
      end

      def letters
        geese = @method.task.drawer.of(Tools::GeeseTrimmer).select { |tool| tool.made_for_seam == @method.seam }
        geese.flat_map { |tool| tool.marks_trimming(unit.class.kind, unit.finished) }
      end

      def words
        tool = mark.tool.name
        return "Trim with #{tool}: its groove sits on the seam." if mark.reads == :finished
        return "Trim with #{tool} at #{mark.printed}: one side and the top, rotate it, trim the rest." if mark.reads == :letter

        "Trim with #{tool} at #{mark.label(@method.task.measure)}, its centre line on the seam: two sides, rotate it 180°, two sides."
      end
    end
  end
end
