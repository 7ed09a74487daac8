# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A template that is cut round, or a die: the whole patch at once, without a line to find.
    class WholeShapes < Layer
      # @return [Laying, nil]
      def laying
        return if other_seam? || !mark

        Laying.new(tool: tool, mark: printed(mark), reads: :finished, steps: die? ? die_steps : template_steps,
                   scene: die? ? die_scene : template_scene)
      end

      # @return [Missing, nil]
      def missing
        return unless tool.makes?(shape.kind) && !laying
        return other_seam if other_seam?

        Missing.new(tool: tool, say: "It makes #{patch_word}s of #{own_words} finished, not #{finished_words}.")
      end

      private

      def die?
        tool.is_a?(Tools::Die)
      end

      def mark
        @mark ||= tool.marks_making(shape).first
      end

      def own_words
        tool.marks.select { |one| one.makes == shape.kind }.map { |one| printed(one) }.uniq.join(", ")
      end

      def finished_words
        [shape.finished].flatten.then { |sides| sides.all?(Rational) ? sides.map { |side| say(side) }.join(" × ") : "this size" }
      end

      def die_steps
        across, along = tool.blank.map { |side| say(side) }
        press = task.drawer.of(Tools::DiePress).find { |one| one.takes?(tool) }
        ["Cut the fabric to #{across} × #{along}: up to #{tool.max_layers[:cotton]} layers of cotton, lengthwise grain along the feed.",
         "Lay it over the shapes, and send it through #{press ? press.name : "a press that is #{say(tool.board.first)} wide or wider"}.",
         "Each layer gives #{held_words}."]
      end

      def held
        tool.marks_making(shape).filter_map(&:held).sum(&:count)
      end

      def held_words
        "#{held} #{patch_word}#{'s' if held != 1}"
      end

      def template_steps
        high = tool.picture.height
        ["Cut a strip #{say(Grid.new(1/8r).ceil(high))} wide, or use a piece that is as large.",
         "Lay the template with its longest side on the edge of the strip, and cut round it.",
         "For the next one rotate the template 180°, don't flip it, against the side that is cut."]
      end

      def die_scene
        blank = Polygon.rectangle(*tool.blank.minmax.reverse)
        pieces = Tools::DieLayout.new(tool.blank, [[tool.steel(shape), held]]).outlines
        Scene.new(fabric: [blank], pieces: pieces, bodies: [], lines: [], lit: [], label: Label.new([blank.width/2r, -1/4r], printed(mark)))
      end

      def template_scene
        picture = tool.picture
        tiling = Tiling.new(picture.bodies.first)
        Scene.on_strip(tiling, tiling.upright.height, printed(mark)) do |under|
          [under, picture.lines.map { |line| moved(line, under.bounds.first) }]
        end
      end

      def moved(line, left)
        Line.new(*[line.from, line.to].map { |x, y| [x + left, y] }, line.weight)
      end
    end
  end
end
