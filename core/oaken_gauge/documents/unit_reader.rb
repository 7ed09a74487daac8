# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reads the unit of a document.
    class UnitReader
      # @param node [Node] an object with a unit under "unit"
      def initialize(node)
        @node = node
      end

      # @return [Units::Unit, nil] nil when there is none that can be read
      def unit
        given = @node.child("unit") or return
        return given.fault(nil, "is not an object: allowed is a unit with kind, finished and count") unless given.value.is_a?(Hash)
        return given.fault("kind", "is missing") if given["kind"].nil?

        kind = given.choice("kind", Units.kinds.keys)
        Units.kinds.fetch(kind).read(given) if kind == given["kind"]
      end

      # @return [Symbol] the unit of measure in which the finished size was given
      def measure
        given = @node.child("unit")
        given["finished"].is_a?(Array) ? given.child("finished").measure_of(0) : given.measure_of("finished")
      end

      # @return [Hash, nil] the unit's document, its lengths written the usual way
      def document
        unit&.to_document(measure)
      end
    end
  end
end
