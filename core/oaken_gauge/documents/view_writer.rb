# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes what a screen shows beside the figures: titles, steps in words, drawings to scale, and the
    # beam with the marks of every tool. All numbers of drawings are inches.
    class ViewWriter
      def initialize(task)
        @task = task
      end

      # @return [Hash]
      def method(outcome)
        view = { "title" => outcome.way.class.title }
        return view unless outcome.feasible?

        view.merge("cares" => outcome.cares.map(&:to_s), "steps" => outcome.steps.map { |step| step(step) },
                   "drawings" => outcome.cloth.to_h { |role, cloth| [role.to_s, cloth.sheets.map { |sheet| drawing(sheet) }] })
      end

      # @return [Hash] the scale, and a row for each tool that has marks for the unit
      def beam
        beam = Weighing::Beam.new(@task)
        { "beam" => { **scale(beam), "rows" => beam.rows.map { |row| beam_row(row) } }, "drawing" => unit_drawing }
      end

      # The unit as it will be seen in the quilt: its finished patches.
      # @return [Hash]
      def unit_drawing
        unit = @task.unit
        { "title" => unit.class.plural, "sides" => unit.side_lengths.uniq.map { |side| write(side) },
          "size" => [unit.outline.height, unit.outline.width].map(&:to_f), "patches" => unit.patches.map { |patch| patch(patch) } }
      end

      private

      def patch(patch)
        { "role" => patch.role.to_s, "outline" => points(patch.outline.corners) }
      end

      def scale(beam)
        size = @task.unit.measure_on_beam
        { "measure" => @task.unit.class.measure, "from" => beam.class::FROM.to_f, "to" => beam.to.to_f,
          "stops" => beam.stops.map { |stop| write(stop) }, "finished" => write(size), "at" => size.to_f }
      end

      def beam_row(row)
        { "tool" => row.tool.id, "name" => row.tool.name, "side" => row.side&.to_s, "reads" => row.reads.to_s,
          "role" => row.role&.to_s, "marks" => row.marks.map { |mark| mark(mark) }, "locked" => row.locked&.label(@task.measure),
          "gaps" => row.gaps.map { |gap| write(gap) } }
      end

      def mark(mark)
        { "at" => mark.finished.to_f, "finished" => write(mark.finished), "printed" => mark.label(@task.measure), "main" => mark.main }
      end

      def step(step)
        { "say" => step.say(@task.measure), "count" => step.count, "operation" => step.operation.name.to_s,
          "care" => step.operation.care&.to_s, "minutes" => (step.seconds(@task.maker) / 60.0).round(2) }
      end

      def drawing(sheet)
        { "size" => sheet.size.map(&:to_f), "repeats" => sheet.repeats,
          "outlines" => sheet.outlines.map { |outline| points(outline.corners) }, "marks" => sheet.marks.map { |line| points(line) },
          "offcut" => sheet.offcut&.map(&:to_f) }
      end

      def points(list)
        list.map { |point| point.map { |number| number.to_f.round(4) } }
      end

      def write(length)
        Length.new(length, @task.measure).to_s
      end
    end
  end
end
