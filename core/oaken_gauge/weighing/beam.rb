# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The marks of the drawer, set against the finished size of the unit: a row for each side of each
    # tool that makes one of its patches. A straight ruler has no sizes printed; its row shows the line
    # that a patch of each finished size is cut at.
    class Beam
      # Where the beam begins and ends, in inches of finished size.
      FROM = 1/2r
      TO = 8r
      # From one stop of the fence to the next.
      STOP = 1/8r

      # - locked: the mark that stands at the wanted size, or nil
      # - gaps: where none does, inches to the nearest mark below (negative) and above
      Row = Struct.new(:tool, :side, :reads, :marks, :locked, :gaps, keyword_init: true)

      # @param task [Task]
      def initialize(task)
        @task = task
      end

      # @return [Array<Row>] in drawer order
      def rows
        @task.drawer.flat_map { |tool| rows_of(tool, marks_on(tool)) }
      end

      # @return [Array<Rational>] where the fence can stand, inches
      def stops
        FROM.step(to, STOP).to_a
      end

      # @return [Rational] where the scale ends, inches
      def to
        [TO, @task.unit.finished.ceil.to_r].max
      end

      private

      def marks_on(tool)
        return ruler_marks(tool) if tool.is_a?(Tools::StraightRuler)

        tool.made_for_seam == @task.seam ? tool.marks.select { |mark| kinds.include?(mark.makes) } : []
      end

      def ruler_marks(ruler)
        shape = @task.unit.patches.first.shape.class
        (stops | [@task.unit.finished]).filter_map do |finished|
          line = ruler.grid.ceil(shape.new(finished).piece_size(@task.seam).first)
          next if line > ruler.reach

          Tools::Mark.new(tool: ruler, makes: shape.kind, printed: line, reads: :cut, finished: finished,
                          main: ruler.main_line?(line))
        end
      end

      def kinds
        @kinds ||= @task.unit.patches.map { |patch| patch.shape.kind }.uniq
      end

      def rows_of(tool, marks)
        marks.group_by(&:side).map do |side, marks|
          Row.new(tool: tool, side: side, reads: marks.first.reads, marks: marks, locked: locked(marks), gaps: gaps(marks))
        end
      end

      def locked(marks)
        marks.find { |mark| mark.finished == @task.unit.finished }
      end

      def gaps(marks)
        return [] if locked(marks)

        below, above = marks.map { |mark| mark.finished - @task.unit.finished }.partition(&:negative?)
        [below.max, above.min].compact
      end
    end
  end
end
