# frozen_string_literal: true

module OakenGauge
  module Tools
    # The press that a die goes through. The board must fit its bed.
    class DiePress < Tool
      # @return [Rational] inches across the feed
      attr_reader :bed_width

      def initialize(id:, name:, bed_width:, powered: false)
        super(id: id, name: name)
        @bed_width = bed_width
        @powered = powered
      end

      # @param node [Documents::Node]
      # @return [DiePress]
      def self.read(node)
        new(**common(node, required: %w[bed_width], optional: %w[powered]),
            bed_width: node.length("bed_width"), powered: node.flag("powered"))
      end

      # @return [Boolean]
      def powered?
        @powered
      end

      # @param die [Die]
      # @return [Boolean]
      def takes?(die)
        die.board.first <= bed_width
      end

      private

      def own_document(measure)
        { "bed_width" => write(bed_width, measure), "powered" => powered? }
      end
    end
  end
end
