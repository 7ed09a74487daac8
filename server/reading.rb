# frozen_string_literal: true

module Server
  # Reads the keys of a request, each by what the core says it may be, and notes what is wrong by its pointer.
  #
  # @example
  #   Reading.of(document, required: %w[name], optional: %w[lock_version]) do |keys|
  #     { name: keys.text("name") }.compact
  #   end
  class Reading
    # Entries of a list.
    MOST = 400

    # @param document [Object] a request's JSON
    # @yield [Reading]
    # @return what the block makes of it
    # @raise [OakenGauge::Documents::Invalid]
    def self.of(document, required: [], optional: [])
      OakenGauge.read_parts(document) do |node|
        yield new(node) if node.keys_fit?(required: required, optional: optional)
      end
    end

    # @param node [OakenGauge::Documents::Node]
    def initialize(node)
      @node = node
    end

    # @param key [String]
    # @param part [Symbol] what the core calls it, see OakenGauge.read_parts
    # @return [Object, nil] nil when it is not there
    def value(key, part = key.to_sym)
      OakenGauge.read_part(part, @node.child(key)) if @node.key?(key)
    end

    # @return [Boolean] whether it says that there is none
    def none?(key)
      @node.key?(key) && at(key).value.nil?
    end

    # @param key [String] of a list
    # @yield [Reading] each entry
    # @return [Array, nil] nil where there is no list
    def each(key)
      list = at(key)
      return list.refuse("a list of 1 to #{MOST}") unless list.value.is_a?(Array) && list.value.size.between?(1, MOST)

      list.value.each_index.map { |place| yield self.class.new(list.child(place)) }
    end

    # @param key [String] of an object
    # @yield [Reading]
    # @return what the block gives
    def inside(key)
      yield self.class.new(@node.child(key))
    end

    # @return [Boolean] whether these keys are there, and no others
    def fit?(keys)
      @node.keys_fit?(required: keys)
    end

    # @return [Integer, nil]
    def version
      value("lock_version", :version)
    end

    # @return [String, nil] a seam allowance, written the usual way
    def seam
      value("seam_allowance")&.to_s
    end

    # @return [Hash, nil] the document of a declared class, its lengths written the usual way
    def document(key, part = key.to_sym)
      value(key, part)&.to_document
    end

    # @return [OakenGauge::Documents::Node]
    def at(key)
      @node.child(key)
    end
  end
end
