# frozen_string_literal: true

module OakenGauge
  module Tools
    # What helps to sew straight, and to do without drawn lines.
    class MarkingAid < Tool
      AIDS = %w[drawn_line tape gauge light quarter_foot seam_guide].freeze

      # @return [Array<Symbol>]
      attr_reader :aids

      def initialize(id:, name:, aids:)
        super(id: id, name: name)
        @aids = aids
      end

      # One aid by its name, or several in a list.
      # @param node [Documents::Node]
      # @return [MarkingAid]
      def self.read(node)
        common = common(node, required: %w[aids])
        aids = [node["aids"]].flatten
        node.fault("aids", "is #{node['aids'].inspect[0, 60]}: allowed are #{AIDS.join(', ')}") unless aids.any? && (aids - AIDS).empty?
        new(**common, aids: (aids & AIDS).map(&:to_sym))
      end

      private

      def own_document(_measure)
        { "aids" => aids.size == 1 ? aids.first.to_s : aids.map(&:to_s) }
      end
    end
  end
end
