# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what a screen shows beside the figures: titles, steps in words, drawings to scale, and the
    # beam with the marks of every tool. All numbers of drawings are inches.
    class ViewWriter
      # What is drawn at the most: corners of outlines for each method, and marks along the beam. More cannot be
      # told apart on a screen; it is left out, and the figures stay.
      MOST_CORNERS = 6000
      MOST_MARKS = 4000
      MOST_SHEETS = 200

      def initialize(task)
        @task = task
      end

      # @return [Hash]
      def method(outcome)
        view = { "title" => outcome.way.class.title }
        return view unless outcome.feasible?

        view.merge("verdict" => Comparing::Verdict.of(outcome), "taken" => outcome.taken,
                   "true_to_size" => AccuracyWords.new(outcome.accuracy, @task.measure).write,
                   "cares" => Methods::Cautions.of(outcome.cares), "drawings" => drawings(outcome))
      end

      # @return [Hash] what a screen shows of the unit itself: how it looks, and how lengths are told
      def unit
        { "drawing" => unit_drawing, "measures" => measures }
      end

      # @return [Hash] the scale, and a row for each tool that has marks for the unit
      def beam
        beam = Sizing::Beam.new(@task)
        left = MOST_MARKS
        rows = beam.rows.map do |row|
          left -= row.marks.size
          beam_row(row, left.negative? ? [] : row.marks)
        end
        { **scale(beam), "rows" => rows }
      end

      # @return [Hash] where the fence stands on the beam, and what each row says there
      def fence
        { **standing, "rows" => Sizing::Beam.new(@task).rows.map { |row| at_fence(row) } }
      end

      # How the page tells areas, small differences and the bars of its scales.
      # @return [Hash]
      def measures
        told = SpokenMeasures.of(@task.measure)
        { "area" => told.area, "area_words" => told.area_words, "square" => told.square, "small" => told.small,
          "thousandths" => told.thousandths, "digits" => told.digits,
          "limit" => told.limit, "bars" => told.bars.map { |inches, text| { "inches" => inches, "text" => text } } }
      end

      # @return [Hash] see {UnitDrawingWriter}
      def unit_drawing
        UnitDrawingWriter.new(@task.unit, @task.measure).write
      end

      private

      def scale(beam)
        { "measure" => @task.unit.class.measure, "from" => beam.from.to_f, "to" => beam.to.to_f,
          "stops" => beam.stops.map { |stop| write(stop) }, **standing,
          "ticks" => beam.ticks.map { |tick| tick(tick) } }
      end

      def standing
        size = @task.unit.measure_on_beam
        { "finished" => write(size), "at" => size.to_f }
      end

      # Beside the beam nothing says the measure at each number.
      def tick(tick)
        { "at" => tick.at.to_f, "number" => (write(tick.at).delete_suffix(@task.measure.to_s) if tick.number), "half" => tick.half }
      end

      def beam_row(row, marks)
        { **at_fence(row), "name" => row.tool.name, "reads" => row.reads.to_s, "marks" => marks.map { |mark| mark(mark) } }
      end

      def at_fence(row)
        { "tool" => row.tool.id, "side" => row.side&.to_s, "role" => row.role&.to_s, "locked" => row.locked&.label(@task.measure),
          "gaps" => row.gaps.map { |gap| write(gap) } }
      end

      def mark(mark)
        { "at" => mark.finished.to_f, "finished" => write(mark.finished), "printed" => mark.label(@task.measure), "main" => mark.main }
      end

      # Sheet by sheet, until there is too much to see.
      def drawings(outcome)
        left = MOST_CORNERS
        outcome.fabric.to_h do |role, fabric|
          [role.to_s, fabric.sheets.first(MOST_SHEETS).map { |sheet| drawing(sheet, left).tap { |one| left -= corners_in(one) } }]
        end
      end

      def drawing(sheet, room)
        outlines = drawn(sheet, room)
        { "size" => sheet.size.map(&:to_f), "repeats" => sheet.repeats, "outlines" => outlines.map { |one| points(one.corners) },
          "marks" => outlines.empty? ? [] : sheet.marks.map { |line| points(line) }, "offcut" => sheet.offcut&.map(&:to_f) }
      end

      def drawn(sheet, room)
        return [] unless room.positive?

        sheet.outlines.then { |outlines| outlines.sum { |one| one.points.size } <= room ? outlines : [] }
      end

      def corners_in(drawing)
        drawing["outlines"].sum(&:size)
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
