# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer that engineers the corners of a round, so that a triangle shows where it sits.
    class CornerTrimmer < Tool
      ROUNDS = %w[inner outer].freeze

      # @return [Symbol] :inner or :outer
      attr_reader :round
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, round:, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @round = round
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [CornerTrimmer]
      def self.read(node)
        new(**common(node, required: %w[round], optional: %w[made_for_seam]), round: node.choice("round", ROUNDS).to_sym,
            made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      private

      def own_document(measure)
        { "round" => round.to_s, **seam_document(measure) }
      end
    end
  end
end
