# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer for one size of one kind of unit, with a groove that sits on the seam.
    class SeamLockTrimmer < Tool
      # @return [Symbol] the kind of unit
      attr_reader :makes
      # @return [Rational, Array<Rational>] its finished size, inches
      attr_reader :finished
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, makes:, finished:, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @makes = makes
        @finished = finished
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [SeamLockTrimmer]
      def self.read(node)
        common = common(node, required: %w[makes finished], optional: %w[made_for_seam])
        sides = node["finished"].is_a?(Array)
        new(**common, makes: node.choice("makes", UnitKinds::TRIMMED).to_sym,
                      finished: sides ? node.lengths("finished", 2..2) : node.length("finished"),
                      made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      # @return [Array<Mark>] one, for whole units
      def trim_marks
        @trim_marks ||= [Mark.new(tool: self, side: makes, makes: makes, printed: [finished].flatten.first, reads: :finished,
                                  finished: finished, main: true)]
      end

      # @return [Array<Mark>] none: it makes no patch
      def marks
        []
      end

      private

      def own_document(measure)
        size = finished.is_a?(Array) ? finished.map { |side| write(side, measure) } : write(finished, measure)
        { "makes" => makes.to_s, "finished" => size, **seam_document(measure) }
      end
    end
  end
end
