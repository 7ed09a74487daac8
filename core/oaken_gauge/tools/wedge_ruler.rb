# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler for wedges. Each mark prints a strip width and, under it, the square to cut a kite from.
    class WedgeRuler < Tool
      # @return [Array<Mark>]
      attr_reader :marks
      # @return [Rational, nil] inches that are missing from a sharp tip; nil for what a strip takes off
      attr_reader :tip_blunt
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, strips:, tip_blunt: nil, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @marks = strips.map { |strip, kite| mark(strip, kite, finished(strip, tip_blunt, made_for_seam)) }
        @tip_blunt = tip_blunt
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [WedgeRuler]
      def self.read(node)
        common = common(node, required: %w[marks], optional: %w[tip_degrees tip_blunt made_for_seam])
        tip = node["tip_degrees"]
        node.fault("tip_degrees", "is #{tip.inspect}: allowed is 45") unless tip.nil? || tip.to_s == "45"
        new(**common, strips: read_strips(node), tip_blunt: node.length("tip_blunt", default: nil, least: 0r),
                      made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      def self.read_strips(node)
        strips = node.list("marks", 1..60).map do |mark|
          mark.keys(required: %w[strip], optional: %w[kite_square])
          [mark.length("strip"), mark.length("kite_square", default: nil)]
        end
        return strips if strips.map(&:first).each_cons(2).all? { |one, other| one < other }

        node.fault("marks", "is out of order or repeats a strip: allowed are strips from the narrower to the wider")
        strips
      end
      private_class_method :read_strips

      private

      def mark(strip, kite, finished)
        Mark.new(tool: self, side: :wedge, makes: :wedge, printed: strip, reads: :strip, finished: finished, main: true, kite_square: kite)
      end

      # The largest wedge that the strip holds, inches high.
      def finished(strip, blunt, seam)
        taken = blunt ? seam + (seam / Math.sin(Patches::Wedge::HALF_ANGLE)) - blunt : 2 * seam
        strip - taken
      end

      def own_document(measure)
        list = marks.map { |mark| { "strip" => write(mark.printed, measure), "kite_square" => write(mark.kite_square, measure) }.compact }
        { "tip_degrees" => 45, "marks" => list, "tip_blunt" => write(tip_blunt, measure), **seam_document(measure) }
      end
    end
  end
end
