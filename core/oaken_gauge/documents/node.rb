# frozen_string_literal: true

module OakenGauge
  module Documents
    # One value in a document, with the JSON pointer to it. Reading a bad value notes a fault that
    # names the pointer, what was read and what is allowed, and goes on, so that one answer lists
    # every fault; {Documents.read} raises them together.
    class Node
      include LengthNodes

      NONE = Object.new.freeze
      private_constant :NONE

      # @return [Object] the parsed JSON value
      attr_reader :value
      # @return [String] JSON pointer (RFC 6901)
      attr_reader :pointer
      # @return [Array<Fault>] shared by the whole document
      attr_reader :faults

      def initialize(value, pointer = "", faults = [])
        @value = value
        @pointer = pointer
        @faults = faults
      end

      # @param key [String, Integer]
      # @return [Object, nil] the bare value
      def [](key)
        value[key] if value.is_a?(Hash) || value.is_a?(Array)
      end

      # @return [Node, nil] nil when there is nothing under the key
      def child(key)
        Node.new(self[key], at(key), faults) unless self[key].nil?
      end

      # Notes what is wrong with the value under a key, or with this one.
      # @return [nil]
      def fault(key, message)
        faults << Fault.new(pointer: key ? at(key) : pointer, message: message)
        nil
      end

      # Checks the keys of an object.
      # @return [Boolean] whether it is an object at all
      def keys(required: [], optional: [])
        return fault(nil, "is #{read(value)}: allowed is an object") || false unless value.is_a?(Hash)

        allowed = required + optional
        (value.keys - allowed).each { |key| fault(key, "unknown key #{key.inspect[0, 60]}: allowed are #{allowed.join(', ')}") }
        (required - value.keys).each { |key| fault(key, "is missing") }
        true
      end

      # @return [String]
      def text(key, most: 80)
        given = self[key]
        return given if given.is_a?(String) && given.length.between?(1, most)

        refuse(key, "a text of 1 to #{most} characters") || ""
      end

      # @param range [Range<Integer>]
      # @return [Integer]
      def integer(key, range, default: NONE)
        given = self[key]
        return default if given.nil? && default != NONE
        return given if given.is_a?(Integer) && range.cover?(given)

        refuse(key, "a whole number from #{range.min} to #{range.max}") || range.min
      end

      # @return [Numeric]
      def number(key, range, default: NONE)
        given = self[key]
        return default if given.nil? && default != NONE
        return given if given.is_a?(Numeric) && range.cover?(given)

        refuse(key, "a number from #{range.begin} to #{range.end}") || range.begin
      end

      # @return [Boolean]
      def flag(key, default: false)
        given = self[key]
        return default if given.nil?
        return given if [true, false].include?(given)

        refuse(key, "true or false") || default
      end

      # @return [String]
      def choice(key, choices, default: NONE)
        given = self[key]
        return default if given.nil? && default != NONE
        return given if choices.include?(given)

        refuse(key, "one of #{choices.join(', ')}") || choices.first
      end

      # @param sizes [Range<Integer>] how many entries
      # @return [Array<Node>]
      def list(key, sizes)
        given = self[key]
        return given.each_index.map { |i| Node.new(given[i], "#{at(key)}/#{i}", faults) } if list?(given, sizes)

        refuse(key, "a list of #{span(sizes)}") || []
      end

      private

      def list?(given, sizes)
        given.is_a?(Array) && sizes.cover?(given.size)
      end

      def span(sizes)
        sizes.min == sizes.max ? sizes.min.to_s : "#{sizes.min} to #{sizes.max}"
      end

      def at(key)
        "#{pointer}/#{key.to_s.gsub('~', '~0').gsub('/', '~1')}"
      end

      # A key that is not there at all was reported as missing already.
      def refuse(key, allowed)
        fault(key, "is #{read(self[key])}: allowed is #{allowed}") if value.is_a?(Array) || (value.is_a?(Hash) && value.key?(key))
      end

      def read(given)
        case given
        when Hash then "an object"
        when Array then "a list of #{given.size}"
        when nil then "nothing"
        else given.inspect[0, 60]
        end
      end
    end
  end
end
