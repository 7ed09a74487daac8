# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A triangle ruler on a strip: its blunt tip on one edge or as far past it as its document says, its line on the other,
    # rotated for each next cut.
    class OnStrip < Layer
      # @return [Laying, nil]
      def laying
        return if other_seam? || !mark

        Laying.new(tool: tool, mark: printed(mark), reads: mark.reads, steps: steps, scene: scene)
      end

      # @return [Missing, nil]
      def missing
        return unless tool.makes?(shape.kind) && !laying
        return other_seam if other_seam?

        Missing.new(tool: tool, say: neighbours + larger)
      end

      private

      def mark
        @mark ||= tool.marks_making(shape).first
      end

      def strip
        shape.strip_width(seam)
      end

      def steps
        ["Cut a strip #{say(strip)} wide.#{two_numbers}", lay_words,
         shape.kind == :half_square ? "Cut the upright side, then the slanted one." : "Cut both slanted sides.",
         "For the next one rotate the ruler 180°, don't flip it: the tip then #{tip_below}, beside the slanted cut."]
      end

      def tip_below
        past.zero? ? "lies on the lower edge" : "stands out below the strip"
      end

      def lay_words
        side = ", the #{shape.title} side of the ruler" if tool.sides.size > 1
        "#{tip_above} the line #{printed(mark)} on its lower edge#{side}."
      end

      def tip_above
        return "Lay the blunt tip on the upper edge of the strip and" if past.zero?

        "Let the tip stand out #{say(past)} past the upper edge of the strip and lay"
      end

      def past
        tool.tip_past(shape.kind)
      end

      # The number on the ruler and the strip are easily taken for one another.
      def two_numbers
        return " The number on the ruler is the strip width." unless mark.reads == :finished

        " The #{printed(mark)} on the ruler is the finished size, not the strip."
      end

      # The ruler over the third triangle of the strip, tip on tip.
      def scene
        Scene.on_strip(Tiling.new(shape.strip_outline(seam)), strip, printed(mark)) do |under|
          laid = laid_over(under)
          [laid, own.map { |one| line_of(one, laid) }]
        end
      end

      def laid_over(under)
        body.move(tip(under) - tip_at_edge, strip + past - body.height)
      end

      # Where the upper edge of a patch or of the ruler begins: what is left of its tip.
      def tip(outline)
        *, high = outline.bounds
        outline.level_at(high - Plane::SAME).first
      end

      # Where the ruler crosses the upper edge of the strip.
      def tip_at_edge
        body.level_at(body.height - past - Plane::SAME).first
      end

      # Its side as large as its largest number, tip up.
      def body
        @body ||= tool.outline_of(shape.kind, own.map(&:shape).max_by(&:finished), seam)
      end

      def own
        tool.marks.select { |one| one.makes == shape.kind && one.finished.positive? }
      end

      # One of its lines, where it lies now.
      def line_of(one, laid)
        at = strip - one.shape.strip_width(seam)
        from, to = laid.level_at(at)
        Line.new([from, at], [to, at], one.main ? :main : :half)
      end
    end
  end
end
