# frozen_string_literal: true

module OakenGauge
  module Documents
    # One thing wrong in a document: the JSON pointer to it, and a message for a person.
    Fault = Struct.new(:pointer, :message, keyword_init: true) do
      # @return [Hash] ready for JSON
      def to_document
        { "pointer" => pointer, "message" => message }
      end
    end
  end
end
