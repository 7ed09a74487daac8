# frozen_string_literal: true

module OakenGauge
  module Answers
    # Words to say what an answer looks like, in JSON Schema.
    #
    # @example
    #   object(code: TEXT, say: TEXT, more: maybe(TEXT))
    module Shapes
      TEXT = { "type" => "string" }.freeze
      NUMBER = { "type" => "number" }.freeze
      WHOLE = { "type" => "integer" }.freeze
      YES = { "type" => "boolean" }.freeze
      SHARE = { "type" => "number", "minimum" => 0, "maximum" => 1 }.freeze
      # Of areas, minutes and spreads.
      AMOUNT = { "type" => "number", "minimum" => 0 }.freeze
      LENGTH = { "type" => "string", "description" => 'A length such as "2 7/8" or "7.3cm"' }.freeze
      POINTS = { "type" => "array", "items" => { "type" => "array", "items" => NUMBER } }.freeze

      # @param may [Hash] keys that may be left out
      # @param about [String] what it is
      # @return [Hash] an object of just these keys
      def object(may: {}, about: nil, **keys)
        { "type" => "object", "properties" => { **keys, **may }.transform_keys(&:to_s), "required" => keys.keys.map(&:to_s),
          "additionalProperties" => false, "description" => about }.compact
      end

      # @return [Hash]
      def list(of, about: nil, size: nil)
        { "type" => "array", "items" => of, "minItems" => size, "maxItems" => size, "description" => about }.compact
      end

      # @return [Hash] anything of one kind, by name
      def by_name(of)
        { "type" => "object", "additionalProperties" => of }
      end

      # @return [Hash]
      def one_of(*words)
        { "type" => "string", "enum" => words }
      end

      # @return [Hash] the same, or null
      def maybe(shape)
        shape.merge("type" => [shape["type"], "null"])
      end

      # @return [Hash]
      def said(shape, words)
        shape.merge("description" => words)
      end
    end
  end
end
