# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # Says how one kind of tool is laid for a patch, or what its nearest lines are. One class a kind of tool.
    #
    # @abstract A kind gives {#laying} and {#missing}.
    class Layer
      Line = Tools::Picture::Line
      Label = Tools::Picture::Label

      SIXTEENTHS = Grid.new(1/16r)
      MILLIMETRES = Grid.new(5/127r)
      private_constant :SIXTEENTHS, :MILLIMETRES

      # @param task [Weighing::Task]
      # @param tool [Tools::Tool]
      # @param shape [Patches::Shape]
      def initialize(task, tool, shape)
        @task = task
        @tool = tool
        @shape = shape
      end

      # @return [Laying, nil]
      def laying
        nil
      end

      # @return [Missing, nil] nil where the tool has nothing to do with such patches
      def missing
        nil
      end

      private

      attr_reader :task, :tool, :shape

      def seam
        task.seam
      end

      # A size that no ruler has, as half of a diagonal, is told to the nearest sixteenth.
      def say(inches)
        return Length.new(inches, task.measure).to_s unless inches.is_a?(Float)

        "about #{Length.new(task.measure == :inch ? SIXTEENTHS.nearest(inches) : MILLIMETRES.nearest(inches), task.measure)}"
      end

      # @return [String] as it is read on the tool
      def line(inches)
        tool.line(inches, task.measure)
      end

      def printed(mark)
        mark.printed.is_a?(Numeric) ? line(mark.printed) : mark.printed.to_s
      end

      def patch_word
        shape.title
      end

      # Numbers on a tool that was made for another allowance cannot be used for triangles.
      def other_seam?
        tool.made_for_seam && tool.made_for_seam != seam
      end

      def other_seam
        Missing.new(tool: tool, say: "It is made for a seam allowance of #{say(tool.made_for_seam)}; this is sewn with #{say(seam)}. " \
                                     "Use a straight ruler, or a template drawn for #{say(seam)}.")
      end

      def neighbours
        below, above = tool.nearest(shape).map { |mark| mark && printed(mark) }
        return "It has no line for this." unless below || above

        "No line for #{say(shape.finished)} finished: the nearest #{below && above ? "are #{below} and #{above}" : "is #{below || above}"}."
      end

      # What helps where there is no line: the next larger one, and the unit trimmed afterwards.
      def larger
        above = tool.nearest(shape).last or return " Cut with a straight ruler instead."
        " Cut at #{printed(above)} and trim the sewn unit to #{unfinished}, or change the size."
      end

      def unfinished
        sides = task.unit.side_lengths.map { |side| say(side + (2 * seam)) }.uniq
        sides.join(" × ")
      end
    end
  end
end
