# frozen_string_literal: true

module OakenGauge
  module Practice
    # A number on a tool: what does it mean?
    class FinishedOrCut < Drill
      title "Finished or cut?"
      common 2
      WORDS = { finished: "the finished size", strip: "the width of the strip", unfinished: "the size with its seam allowance",
                cut: "the size that is cut" }.freeze
      # So many numbers of one tool, so that a ruler with many does not take all the questions.
      MOST = 12
      LINES = [5/2r, 23/8r, 7/2r].freeze
      private_constant :MOST, :LINES

      # @return [Question]
      def question
        tool, number, reads = pick(numbers)
        ask("#{tool.name} says #{number}. What is that?", WORDS.fetch(reads), WORDS.values, because: "Its numbers are #{plural(reads)}.")
      end

      private

      def numbers
        own = from(drawer)
        own.size > 1 ? own : from(Tools::Usual.all)
      end

      def from(tools)
        tools.flat_map { |tool| tool.is_a?(Tools::StraightRuler) ? lines_of(tool) : numbers_of(tool) }
      end

      def lines_of(ruler)
        LINES.map { |line| [ruler, say(line), :cut] }
      end

      def numbers_of(tool)
        known = marks_of(tool).select { |mark| WORDS.key?(mark.reads) }
        known.first(MOST).map { |mark| [tool, mark.label, mark.reads] }
      end

      def marks_of(tool)
        tool.is_a?(Tools::UnitTrimmer) || tool.is_a?(Tools::SeamLockTrimmer) ? tool.trim_marks : tool.marks
      end

      def plural(reads)
        { finished: "finished sizes", strip: "strip widths", unfinished: "unfinished sizes", cut: "sizes as cut" }.fetch(reads)
      end
    end
  end
end
