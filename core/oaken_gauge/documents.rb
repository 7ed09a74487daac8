# frozen_string_literal: true

module OakenGauge
  # Reading and writing the JSON documents.
  module Documents
    # More than any document here, bytes; and than a whole bench.
    LARGEST = 8 * 1024 * 1024
    LARGEST_BENCH = 64 * 1024 * 1024

    class << self
      # Reads a document and raises all its faults together.
      #
      # @param value [Object] parsed JSON
      # @param most [Integer] values in it
      # @yield [Node]
      # @return what the block made of it
      # @raise [Invalid]
      def read(value, most: Inspection::MOST)
        node = Node.new(value)
        result = yield node if Inspection.new(node, most).pass?
        raise Invalid, node.faults.uniq unless node.faults.empty?

        result
      end

      # @param text [String] JSON
      # @param most [Integer] bytes
      # @return [Object]
      # @raise [Invalid] when it is not JSON
      def parse(text, most: LARGEST)
        text = text.dup.force_encoding(Encoding::UTF_8)
        raise Invalid, [too_large(most)] if text.bytesize > most
        raise Invalid, [no_json] unless text.valid_encoding?

        JSON.parse(text, max_nesting: 40)
      rescue JSON::ParserError, EncodingError
        raise Invalid, [no_json]
      end

      private

      def too_large(most)
        Fault.new(pointer: "", message: "is larger than any document here: allowed are #{most / (1024 * 1024)} MB")
      end

      def no_json
        Fault.new(pointer: "", message: "is not JSON: allowed is one JSON object in UTF-8")
      end
    end
  end
end
