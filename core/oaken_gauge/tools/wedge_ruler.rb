# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler for wedges. Each mark prints a strip width and, under it, the square to cut a kite from.
    class WedgeRuler < Tool
      # A strip, and the square under it.
      class Line
        include Documents::Record

        length :strip, most: Tool::LARGEST, label: "Strip"
        length :kite_square, default: nil, most: Tool::LARGEST, label: "Square for a kite"
      end

      title "Wedge ruler"
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
                   kite_square: line.kite_square)
        end
      end

      private

      # The largest wedge that the strip holds, inches high.
      def finished(strip)
        seam = made_for_seam
        strip - (tip_blunt ? seam + (seam / Math.sin(Patches::Wedge::HALF_ANGLE)) - tip_blunt : 2 * seam)
      end
    end
  end
end
