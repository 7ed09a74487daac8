# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler for wedges. Each mark prints a strip width and, under it, the squares to cut a kite and the corners
    # of a ring from.
    class WedgeRuler < Tool
      # A strip, and the squares under it.
      class Line
        include Documents::Record

        length :strip, most: Tool::LARGEST, label: "Strip"
        length :kite_square, default: nil, most: Tool::LARGEST, label: "Square for a kite"
        length :corner_square, default: nil, most: Tool::LARGEST, label: "Square for two corners"
      end

      title "Wedge ruler"
      group "Triangles and wedges from strips"
      common 7
      choice :tip_degrees, [45], default: 45, always: true, label: "Degrees at its tip"
      list :marks, Line, as: :lines, within: 1..60, label: "Strips printed"
      length :tip_blunt, default: nil, least: 0r, most: LARGEST, label: "Blunted by", meaning: "What is missing from a sharp tip."
      made_for_seam
      rule(:lines, say: "is out of order or repeats a strip: allowed are strips from the narrower to the wider") do |lines|
        lines.map(&:strip).each_cons(2).all? { |one, other| one < other }
      end

      # @return [Array<Mark>]
      def marks
        @marks ||= lines.map do |line|
          Mark.new(tool: self, side: :wedge, makes: :wedge, printed: line.strip, reads: :strip, finished: finished(line.strip), main: true,
                   kite_square: line.kite_square, corner_square: line.corner_square)
        end
      end

      # Tip up, as wide as its widest strip wants; a line is where the lower edge of a strip lies.
      # @return [Picture, nil] nil where no wedge is left of its widest strip
      def picture
        widest = marks.last
        Picture.draw(written_in) { |draw| draw_on(draw, widest) } if widest.finished.positive?
      end

      private

      def draw_on(draw, widest)
        low = -made_for_seam
        body = Patches::Wedge.new(widest.finished).cut_outline(made_for_seam).between(low, low + widest.printed).settle
        draw.body(body)
        lines.each { |line| draw_line(draw, body, line) }
      end

      def draw_line(draw, body, line)
        at = body.height - line.strip
        draw.label([draw.across(body, at, :main).sum/2r, at + (body.height/30r)], line.strip)
      end

      # The largest wedge that the strip holds, inches high.
      def finished(strip)
        seam = made_for_seam
        strip - (tip_blunt ? seam + (seam / Math.sin(Patches::Wedge::HALF_ANGLE)) - tip_blunt : 2 * seam)
      end
    end
  end
end
