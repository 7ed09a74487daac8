# frozen_string_literal: true

module OakenGauge
  module Sizing
    # The marks of the drawer, set against the finished size of the unit: a row for each side of each
    # tool that makes one of its patches. A straight ruler has no sizes printed; its row shows the line
    # that a patch of each finished size is cut at.
    class Beam
      # Where the beam begins, where it ends at the least, from one stop of the fence to the next, and from one number to the
      # next: in inches of finished size. By eighths from 1/2 to 8, or by halves of a centimetre from 1 to 20.
      INCHES = { from: 1/2r, to: 8r, stop: 1/8r, number: 1r }.freeze
      CENTIMETRES = { from: 1r, to: 20r, stop: 1/2r, number: 1r }.transform_values { |amount| amount * Length::MEASURES.fetch(:cm) }.freeze

      # A line on the beam. - at: inches; - number: whether its number stands there; - half: whether it is halfway between two
      Tick = Struct.new(:at, :number, :half, keyword_init: true)

      # - role: of which fabric a straight ruler cuts what its row shows, where a unit has patches of several sizes
      # - locked: the mark that stands at the wanted size, or nil
      # - gaps: where none does, inches to the nearest mark below (negative) and above
      Row = Struct.new(:tool, :side, :reads, :role, :marks, :locked, :gaps, keyword_init: true)

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
        @stops ||= from.step(to, scale[:stop]).to_a
      end

      # @return [Array<Tick>] a line at every stop
      def ticks
        stops.map { |stop| Tick.new(at: stop, number: on?(stop, scale[:number]), half: on?(stop, scale[:number] / 2)) }
      end

      # @return [Rational] where the scale begins, inches: at the stop of a smaller unit
      def from
        stop = scale[:stop]
        [scale[:from], [size.div(stop), 1].max * stop].min
      end

      # @return [Rational] where the scale ends, inches
      def to
        [scale[:to], (size / scale[:number]).ceil * scale[:number]].max
      end

      private

      def scale
        @task.measure == :inch ? INCHES : CENTIMETRES
      end

      def on?(stop, step)
        (stop % step).zero?
      end

      def unit
        @task.unit
      end

      def size
        unit.measure_on_beam
      end

      # How many times the unit's own measure a patch of each kind has.
      def parts
        @parts ||= unit.shapes.select { |shape| shape.finished.is_a?(Rational) }.to_h { |shape| [shape.kind, shape.finished / size] }
      end

      def marks_on(tool)
        return ruler_marks(tool) if tool.is_a?(Tools::StraightRuler)
        return [] unless tool.made_for_seam == @task.seam
        return cell_marks(tool) if tool.is_a?(Tools::FoundationGrid)

        listed(tool).filter_map { |mark| on_scale(mark) }
      end

      def listed(tool)
        case tool
        when Tools::UnitTrimmer then tool.units_between(unit.class.kind, 0, to)
        when Tools::SeamLockTrimmer then tool.trim_marks
        when Tools::StripTriangleRuler then parts.flat_map { |kind, part| tool.marks_between(kind, 0, to * part) }
        else tool.marks
        end
      end

      # A mark for a patch stands at the size of the unit that has it.
      def on_scale(mark)
        return mark if mark.makes == unit.class.kind && mark.shape.nil? && mark.measured?
        return unless mark.shape && mark.measured? && parts.key?(mark.makes)

        Tools::Mark.new(**mark.to_h, finished: mark.finished / parts.fetch(mark.makes))
      end

      # The sizes at which the unit breaks down to whole cells of a sheet and fits on a panel.
      def cell_marks(grid)
        (1..(to / grid.cell).floor).select { |cells| unit.cells(size / cells) && on_panel?(grid, cells) }.map do |cells|
          Tools::Mark.new(tool: grid, side: :cell, makes: unit.class.kind, printed: grid.cell, reads: :cell, finished: cells * grid.cell,
                          main: true)
        end
      end

      def on_panel?(grid, high)
        sides = unit.side_lengths.map { |side| high * side / size }
        sides.min <= [grid.columns, grid.rows].min && sides.max <= [grid.columns, grid.rows].max
      end

      def ruler_marks(ruler)
        return [] unless ruled

        (stops | [size]).filter_map { |finished| ruler_mark(ruler, finished) }
      end

      # The shape whose line is shown: the first that is cut from squares.
      def ruled
        @ruled ||= unit.shapes.find { |one| one.rotary? && one.finished.is_a?(Rational) }
      end

      # What a shape of its kind is cut larger than it finishes, whatever its size.
      def allowance
        @allowance ||= ruled.piece_size(@task.seam).first - ruled.finished
      end

      def ruler_mark(ruler, finished)
        line = ruler.grid.ceil((finished * parts.fetch(ruled.kind)) + allowance)
        return if line > ruler.reach

        Tools::Mark.new(tool: ruler, makes: ruled.kind, printed: line, reads: :cut, finished: finished, main: ruler.main_line?(line))
      end

      def rows_of(tool, marks)
        marks.group_by(&:side).map do |side, own|
          Row.new(tool: tool, side: side, reads: own.first.reads, role: (ruled_role if tool.is_a?(Tools::StraightRuler)), marks: own,
                  locked: locked(own), gaps: gaps(own))
        end
      end

      def ruled_role
        unit.patches.find { |patch| patch.shape == ruled }.role if unit.shapes.size > 1
      end

      def locked(marks)
        marks.find { |mark| mark.finished == size }
      end

      def gaps(marks)
        return [] if locked(marks)

        below, above = marks.map { |mark| mark.finished - size }.partition(&:negative?)
        [below.max, above.min].compact
      end
    end
  end
end
