# frozen_string_literal: true

module Server
  # Reads the keys of a request, each by what the core says it may be, and notes what is wrong by its pointer.
  #
  # @example
  #   Reading.of(document, required: %w[name], optional: %w[lock_version]) do |keys|
  #     { name: keys.text("name") }.compact
  #   end
  class Reading
    VERSION = OakenGauge::Documents::Scalars::Whole.new(0..2_147_483_647)
    NAME = OakenGauge::Documents::Scalars::Text.new
    SEAM = OakenGauge::Documents::Measures::Said.new(most: 2)

    # @param document [Object] a request's JSON
    # @yield [Reading]
    # @return what the block makes of it
    # @raise [OakenGauge::Documents::Invalid]
    def self.of(document, required: [], optional: [])
      OakenGauge::Documents.read(document) do |node|
        yield new(node) if node.keys_fit?(required: required, optional: optional)
      end
    end

    # @param node [OakenGauge::Documents::Node]
    def initialize(node)
      @node = node
    end

    # @param key [String]
    # @param type [OakenGauge::Documents::Type]
    # @return [Object, nil] nil when it is not there
    def value(key, type)
      type.read(@node.child(key)) if @node.key?(key)
    end

    # @return [String, nil]
    def text(key)
      value(key, NAME)
    end

    # @return [Integer, nil]
    def version
      value("lock_version", VERSION)
    end

    # @return [String, nil] a seam allowance, written the usual way
    def seam
      value("seam_allowance", SEAM)&.to_s
    end

    # @return [Hash, nil] the document of a declared class, its lengths written the usual way
    def document(key, type)
      value(key, type)&.to_document
    end

    # @return [OakenGauge::Documents::Node]
    def at(key)
      @node.child(key)
    end
  end
end
