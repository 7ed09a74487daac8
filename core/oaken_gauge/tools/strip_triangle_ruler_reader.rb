# frozen_string_literal: true

module OakenGauge
  module Tools
    # Reads a strip triangle ruler's document: its sides, and the numbers printed along each.
    module StripTriangleRulerReader
      # @param node [Documents::Node]
      # @return [StripTriangleRuler]
      def read(node)
        common = common(node, required: %w[sides], optional: %w[made_for_seam])
        seam = node.length("made_for_seam", default: Tool::USUAL_SEAM)
        new(**common, made_for_seam: seam, sides: node.list("sides", 1..2).map { |side| read_side(side) })
      end

      private

      def read_side(node)
        node.keys(required: %w[makes reads marks], optional: %w[blunt_tip])
        marks = MarksReader.new(node)
        self::Side.new(makes: node.choice("makes", self::MAKES).to_sym, reads: node.choice("reads", self::READS).to_sym,
                       numbers: marks.numbers, range: marks.range, blunt_tip: node.flag("blunt_tip", default: true))
      end
    end
  end
end
