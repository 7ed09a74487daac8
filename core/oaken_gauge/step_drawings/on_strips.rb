# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # What is cut along strips: patches by a triangle ruler, blanks for a die; and pieces of a foundation sheet.
    module OnStrips
      # Layers shown under a die; how much of it stands out, and how far an arrow goes, inches.
      LAYERS = 3
      RIM = 0.5
      FED = 1.5

      private

      # Two strips right sides together, the upper one turned back at the end.
      def pair(_step)
        @laid = true
        below, above = way.cuts.values_at(-1, 0)
        long = length_of(below.role)
        high = below.least_width.to_f
        turned = Polygon.new([[long - (2 * high), 0], [long - high, 0], [long - high, high]])
        Drawing.new.piece(below.role, long, high).piece(above.role, long - high, high,
wrong: true).layers([Layer.new(above.role, turned, false)])
      end

      # Both layers are squared up at one end.
      def squared_end
        below, above = way.cuts.values_at(-1, 0)
        high = below.least_width.to_f
        off = Polygon.new([[0, 0], [RIM, 0], [RIM, high], [RIM / 3, high]])
        Drawing.new.piece(below.role, self.class::SHORT, high, at: Complex.rect(Drawing::STEPPED, Drawing::STEPPED))
               .piece(above.role, self.class::SHORT, high, wrong: true).comes_off([off]).upright(:cut, RIM, high)
      end

      # One half is laid on the other.
      def folded(_step)
        run = way.cuts.find { |cut| cut.tiled? && cut.layers > 1 }
        half = length_of(run.role) / 2
        high = run.least_width.to_f
        Drawing.new.piece(run.role, half, high).piece(run.role, half - RIM, high, wrong: true).upright(:fold, 0, high)
               .level(:move, high / 2, half - RIM, from: half * 1.5)
      end

      def along_strips(step)
        from = step.on.to_s
        under_one_another(runs_of(step, from)) { |run| tiled(run, step, wrong: from.start_with?("pairs") || from.include?("folded")) }
      end

      # Of a pair the upper strip is seen; a nest holds patches of all fabrics.
      def runs_of(step, from)
        runs = way.cuts.select(&:tiled?)
        return runs.first(1) if from.start_with?("pairs")

        own = runs.select { |run| on?(step, run.role) }
        own.empty? ? runs : own
      end

      # The ruler lies on the third patch, its line on the edge of the strip.
      def tiled(run, step, wrong:)
        form = form_of(run)
        laid = form.outlines.call((step.count / run.each).clamp(1, Pieces::SHOWN))
        long = Sides.of(laid.flat_map(&:points)).right + self.class::BEYOND
        under_ruler(Drawing.new.piece(run.role, long, form.width, layers: step.layers, wrong: wrong), laid)
      end

      # As it lies in its rows.
      def form_of(run)
        row, = way.allocations[run].rows.first
        row ? row.form : run.forms(false).first
      end

      def under_ruler(drawing, laid)
        under = laid[[2, laid.size - 1].min]
        sides = Sides.of(under.points)
        drawing.lines_of(:cut, laid.flat_map(&:edges).reject { |from, to| from.imag == to.imag })
        drawing.tool(under).level(:lit, sides.bottom, sides.right, from: sides.left)
      end

      # Its length lies across the strip, along the lengthwise grain.
      def blanks(step)
        under_one_another(way.cuts.select { |cut| cut.die && on?(step, cut.role) }) do |cut|
          wide, long = cut.size.map(&:to_f)
          in_a_row(cut, step, wide, long).upright(:move, wide / 2, long * 0.8, from: long * 0.2)
        end
      end

      # Layers on the steel, and the way they are fed.
      def pressed(_step)
        under_one_another(way.cuts.select(&:die).uniq(&:die)) do |cut|
          long = cut.size.max.to_f
          on_steel(cut, long, cut.size.min.to_f).level(:move, cut.size.min / 2.0, long + RIM + FED, from: long + RIM)
        end
      end

      def on_steel(cut, long, wide)
        drawing = Drawing.new.bed(Sides.new(0, long, 0, wide).grow(RIM).rectangle)
        drawing.piece(cut.role, long, wide, layers: [LAYERS, cut.count].min).lines_of(:cut, cut.drawing.call.flat_map(&:edges))
      end

      def sheet(_step)
        grid = way.grid
        section = way.section
        columns, rows = [[section.columns, grid.columns], [section.rows, grid.rows]].map { |each, all| between(each, all) }
        cut_at(columns, rows, grid.printed.to_f, Sides.new(0, grid.columns, 0, grid.rows))
      end

      # Lines of the sheet, and all of it, told in cells.
      def cut_at(columns, rows, cell, sides)
        drawing = Drawing.new.bed(sides.rectangle.scale(cell))
        columns.each { |x| drawing.upright(:cut, x * cell, sides.top * cell) }
        rows.each { |y| drawing.level(:cut, y * cell, sides.right * cell) }
        drawing
      end

      def between(each, all)
        (each...all).step(each).to_a
      end
    end
  end
end
