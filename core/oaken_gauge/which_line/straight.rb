# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A straight ruler: the line lies on the edge of the fabric, the cut runs along the ruler's edge.
    class Straight < Layer
      ONCE = { cut_diagonal: "Cut each square once, corner to corner.",
               cut_both_diagonals: "Cut each square twice, corner to corner." }.freeze

      # @return [Laying, nil]
      def laying
        return unless straight? && (fits? || other || across?)

        Laying.new(tool: tool, mark: line(size.max), reads: :cut, steps: steps, scene: scene)
      end

      # @return [Missing, nil]
      def missing
        return if !straight? || laying

        Missing.new(tool: tool, say: "#{say(size.max)} is longer than this ruler, and no other ruler has the rest to lay beside it.")
      end

      private

      def straight?
        shape.rotary? || %i[square rectangle].include?(shape.kind)
      end

      # Height and width of the piece, on this ruler's lines.
      def size
        @size ||= shape.piece_size(seam).map { |side| tool.grid.ceil(side) }
      end

      # Laid along the cut, its shorter side measures.
      def fits?
        size.max <= tool.reach_across
      end

      # Laid across the cut: its longer side measures, and it is moved along.
      def across?
        size.max <= tool.reach
      end

      # What the other ruler beside this one measures, for a cut that is wider than both sides of this one.
      def rest
        size.max - tool.reach_across
      end

      # Another ruler to lay beside this one.
      def other
        return if fits?

        @other ||= task.drawer.of(Tools::StraightRuler).find { |one| one != tool && one.grid.on?(rest) && rest <= one.reach }
      end

      def steps
        strip, long = size.minmax
        [*wider, *rounded,
         "Cut a strip #{say(strip)} wide: the line #{line(strip)} on the squared-up edge of the fabric, the cut along the ruler's edge.",
         "Turn the strip, square up its end, and lay the line #{line(long)} on that end: cut pieces #{say(strip)} × #{say(long)}.",
         *ONCE[shape.piece_then], *diagonal_words]
      end

      # How a size was rounded that lies between the lines. Of the sizes that a diagonal makes, only where the finished size lies
      # between lines too: else they are the numbers that every quilter knows.
      def rounded
        sides = shape.piece_size(seam).zip(size).uniq.reject do |exact, cut|
          tool.grid.on?(exact) || (exact.is_a?(Float) && usual?) || cut == exact
        end
        sides.map { |exact, cut| "#{say(exact).capitalize} lies between the lines: cut at #{say(cut)}, #{say(cut - exact)} more." }
      end

      def usual?
        [*shape.finished].all? { |side| side.is_a?(Rational) && tool.grid.on?(side) }
      end

      def wider
        return if fits?
        return joined if other

        "It is #{line(tool.reach_across)} wide: lay it across the strip, cut as far as it reaches, and move it along."
      end

      def joined
        "Lay two rulers edge to edge: all of this one, #{line(tool.reach_across)}, and the line #{other.line(rest, task.measure)} " \
          "of #{other.name}."
      end

      def diagonal_words
        corner = size.max * SQRT2
        return if corner <= tool.reach || !ONCE.key?(shape.piece_then)

        "That cut is #{say(tool.grid.ceil(corner))} long and the ruler #{line(tool.reach)}: draw the line first, and cut it in two goes."
      end

      # The piece under the ruler's right end, where its zero is.
      def scene
        strip, long = size.minmax
        Scene.new(fabric: [Polygon.rectangle(long * 2, strip)], pieces: pieces(strip, long), bodies: bodies(strip, long),
                  lines: heavy(long).map { |line| upright(long - line, strip) }, lit: [upright(0, strip)],
                  label: Label.new([0, strip + (1/4r)], line(long)))
      end

      # Its heavy lines over the piece, from the edge that is cut along.
      def heavy(long)
        first = tool.main_lines_at.positive? ? tool.main_lines_at : tool.numbered
        first.step(long, tool.numbered).to_a
      end

      # Cut from its right edge; the other one's line lies on the fabric's end.
      def bodies(strip, long)
        ends = if other
                 [[rest, long], [-1, rest]]
               else
                 [[long - (fits? ? tool.reach_across : tool.reach), long]]
               end
        ends.map { |from, to| Polygon.rectangle(to - from, [strip, 1].max + 1).move(from, -1/2r) }
      end

      def upright(at, strip)
        Line.new([at, -1/2r], [at, [strip, 1].max + (1/2r)], :main)
      end

      def pieces(strip, long)
        cut = shape.piece_marks.map { |ends| ends.map { |x, y| [x * long, y * strip] } }
        [Polygon.rectangle(long, strip), *cut.map { |from, to| Polygon.new([from, to, to]) }]
      end
    end
  end
end
