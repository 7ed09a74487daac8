# frozen_string_literal: true

require "json_schemer"
require "oaken_gauge"

# The published JSON Schemas in docs/formats, and what they find wrong with a document.
module Schemas
  FOLDER = File.expand_path("../../docs/formats", __dir__)
  # What the page's own tests are told of the fields of a fabric.
  FIELDS = "web/src/testing/kinds.json"

  class << self
    # @return [Hash] as the server tells them, without units and tools
    def fields
      { **OakenGauge.kinds, "kinds" => [], "tools" => [] }
    end

    # @param name [String] "weigh", "weigh-answer", "sizes", "sizes-answer" or "bench"
    # @param document [Object]
    # @param own [Boolean] whether the keywords that other validators pass over count too
    # @return [Array<String>] where and what
    def faults(name, document, own: true)
      schema(name, own).validate(document).map { |error| "#{error['data_pointer']} #{error['error']}" }
    end

    # @return [Boolean]
    def valid?(name, document, own: true)
      schema(name, own).valid?(document)
    end

    # @return [String] the file of a schema
    def file(name)
      File.join(FOLDER, "#{name}.schema.json")
    end

    private

    def schema(name, own)
      (@schemas ||= {})[[name, own]] ||= begin
        keywords = own ? OakenGauge::Documents::Schemas.keywords : {}
        JSONSchemer.schema(JSON.parse(File.read(file(name), encoding: "UTF-8")), regexp_resolver: "ecma", keywords: keywords)
      end
    end
  end
end
