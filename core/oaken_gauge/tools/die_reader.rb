# frozen_string_literal: true

module OakenGauge
  module Tools
    # Reads a die's document.
    module DieReader
      # @param node [Documents::Node]
      # @return [Die]
      def read(node)
        common = common(node, required: %w[shapes board blank], optional: %w[max_layers notched made_for_seam])
        new(**common, shapes: node.list("shapes", 1..40).map { |shape| read_shapes(shape) },
                      board: node.lengths("board", 2..2), blank: node.lengths("blank", 2..2),
                      max_layers: read_layers(node), notched: node.flag("notched", default: true),
                      made_for_seam: node.length("made_for_seam", default: Tool::USUAL_SEAM))
      end

      private

      def read_shapes(node)
        node.keys(required: %w[count], optional: %w[patch finished outline])
        node.fault("patch", "is missing") unless node["patch"] || node["outline"]
        self::Shapes.new(shape: ShapeReader.new(node, "patch").shape, count: node.integer("count", 1..400), document: node.value)
      end

      def read_layers(node)
        layers = node.child("max_layers") or return {}
        return {} unless layers.keys(optional: Stock::Fabric::CLOTHS)

        (Stock::Fabric::CLOTHS & layers.value.keys).to_h { |cloth| [cloth.to_sym, layers.integer(cloth, 1..40)] }
      end
    end
  end
end
