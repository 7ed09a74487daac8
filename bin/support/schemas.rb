# frozen_string_literal: true

require "json_schemer"
require "oaken_gauge"

# The published JSON Schemas in docs/formats, and what they find wrong with a document.
module Schemas
  FOLDER = File.expand_path("../../docs/formats", __dir__)

  class << self
    # @param name [String] "weigh", "weigh-answer", "sizes" or "sizes-answer"
    # @param document [Object]
    # @return [Array<OakenGauge::Documents::Fault>]
    def faults(name, document)
      schema(name).validate(document).map do |error|
        OakenGauge::Documents::Fault.new(pointer: error["data_pointer"], message: error["error"])
      end
    end

    private

    def schema(name)
      (@schemas ||= {})[name] ||= JSONSchemer.schema(read(name), ref_resolver: ->(uri) { read(File.basename(uri.path, ".schema.json")) })
    end

    def read(name)
      JSON.parse(File.read(File.join(FOLDER, "#{name}.schema.json"), encoding: "UTF-8"))
    end
  end
end
