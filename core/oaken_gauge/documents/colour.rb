# frozen_string_literal: true

module OakenGauge
  module Documents
    # A colour as it can be drawn: "#1c5aa8".
    class Colour < Type
      PATTERN = /\A#[0-9a-f]{6}\z/

      # @return [String, nil] in small letters
      def read(node)
        given = node.value.is_a?(String) ? node.value.downcase : ""
        given.match?(PATTERN) ? given : node.refuse("a colour such as #1c5aa8")
      end

      # @return [Hash]
      def schema
        { "type" => "string", "pattern" => "^#[0-9a-fA-F]{6}$" }
      end

      # @return [Hash]
      def form
        { "type" => "text", "most" => 7 }
      end
    end
  end
end
