# frozen_string_literal: true

module OakenGauge
  module Documents
    # One value in a document, with the JSON pointer to it. Reading a bad value notes a fault that names the
    # pointer, what was read and what is allowed, and goes on, so that one answer lists every fault;
    # {Documents.read} raises them together.
    #
    # @example
    #   node = Node.new({ "count" => 0 })
    #   Scalars::Whole.new(1..9).read(node.child("count"))   # => nil
    #   node.faults.first.to_document
    #   # => { "pointer" => "/count", "message" => "is 0: allowed is a whole number from 1 to 9" }
    class Node
      # As much of what was read as is said again.
      SHOWN = 60

      # @return [Object] the parsed JSON value
      attr_reader :value
      # @return [Array<Fault>] shared by the whole document
      attr_reader :faults
      # @return [Array<Symbol>] the unit of measure of each length that was read, shared by the whole document
      attr_reader :measures

      # @param place [String, Integer, nil] what stands in the pointer after the parent's
      # @param parent [Node, nil]
      def initialize(value, place = nil, parent = nil)
        @value = value
        @place = place
        @parent = parent
        @faults = parent ? parent.faults : []
        @measures = parent ? parent.measures : []
      end

      # @return [String] JSON pointer (RFC 6901); only worked out where there is a fault
      def pointer
        return @place.to_s unless @parent

        "#{@parent.pointer}/#{@place.to_s.gsub('~', '~0').gsub('/', '~1')}"
      end

      # @param key [String, Integer]
      # @return [Node] the value under a key, nothing where there is none
      def child(key)
        Node.new((value[key] if key?(key) || (value.is_a?(Array) && key.is_a?(Integer))), key, self)
      end

      # @param keys [Array<String>]
      # @return [Node] the same object with only those keys
      def only(keys)
        narrowed(value.slice(*keys))
      end

      # @param keys [Array<String>]
      # @return [Node] the same object without those keys
      def without(keys)
        narrowed(value.except(*keys))
      end

      # @return [Boolean] whether a key is there at all
      def key?(key)
        value.is_a?(Hash) && value.key?(key)
      end

      # @return [Boolean] whether it is an object; noted as a fault when it is not
      def object?(allowed = "an object")
        return true if value.is_a?(Hash)

        refuse(allowed)
        false
      end

      # Checks the keys of an object.
      # @return [Boolean] whether it is an object at all
      def keys_fit?(required: [], optional: [], allowed: "an object")
        return false unless object?(allowed)

        known = required + optional
        (value.keys - known).each { |key| child(key).fault("unknown key #{key.inspect[0, SHOWN]}: allowed are #{known.join(', ')}") }
        (required - value.keys).each { |key| child(key).fault("is missing") }
        true
      end

      # Notes what is wrong here.
      # @return [nil]
      def fault(message)
        faults << Fault.new(pointer: pointer, message: message)
        nil
      end

      # @param allowed [String] "a whole number from 1 to 9"
      # @return [nil]
      def refuse(allowed)
        fault("is #{read}: allowed is #{allowed}")
      end

      # @return [String] what was read, as it is said again
      def read
        case value
        when Hash then "an object"
        when Array then "a list of #{value.size}"
        when nil then "null"
        when Integer then value.bit_length > 256 ? "a number of more than 70 digits" : value.inspect
        else value.inspect[0, SHOWN]
        end
      end

      private

      def narrowed(part)
        return Node.new(part, @place, @parent) if @parent

        Node.new(part, @place, self)
      end
    end
  end
end
