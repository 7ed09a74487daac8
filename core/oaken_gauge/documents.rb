# frozen_string_literal: true

module OakenGauge
  # Reading and writing the JSON documents.
  module Documents
    class << self
      # Reads a document and raises all its faults together.
      #
      # @param value [Object] parsed JSON
      # @yield [Node]
      # @return what the block made of it
      # @raise [Invalid]
      def read(value)
        node = Node.new(value)
        result = yield node
        raise Invalid, node.faults.uniq unless node.faults.empty?

        result
      end

      # @param text [String] JSON
      # @return [Object]
      # @raise [Invalid] when it is not JSON
      def parse(text)
        JSON.parse(text, max_nesting: 40)
      rescue JSON::ParserError, EncodingError
        raise Invalid, [Fault.new(pointer: "", message: "is not JSON: allowed is one JSON object in UTF-8")]
      end
    end
  end
end
