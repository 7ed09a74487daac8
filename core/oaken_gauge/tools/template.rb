# frozen_string_literal: true

module OakenGauge
  module Tools
    # A shape with its allowance included, to cut round.
    class Template < Tool
      # The keys that say what it makes.
      SHAPED_BY = %w[makes finished outline includes_seam].freeze

      # @return [Patches::Shape] the patch it makes
      attr_reader :shape
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, shape:, document: {}, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @shape = shape
        @document = document
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [Template]
      def self.read(node)
        common = common(node, optional: %w[makes finished outline includes_seam made_for_seam])
        node.fault("makes", "is missing: allowed is a kind of patch with its finished size, or an outline") unless shaped?(node)
        new(**common, shape: ShapeReader.new(node, "makes").shape, document: node.value.slice(*SHAPED_BY),
                      made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      def self.shaped?(node)
        node["makes"] || node["outline"]
      end
      private_class_method :shaped?

      # @return [Array<Mark>] one
      def marks
        @marks ||= begin
          size = shape.finished.is_a?(Rational) ? shape.finished : nil
          [Mark.new(tool: self, side: shape.kind, makes: shape.kind, printed: size || shape.kind.to_s.tr("_", " "), reads: :finished,
                    finished: shape.finished, shape: shape, main: true)]
        end
      end

      private

      def own_document(measure)
        { **@document, **seam_document(measure) }
      end
    end
  end
end
