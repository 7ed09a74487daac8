# frozen_string_literal: true

module OakenGauge
  module Documents
    # What every document is looked through for before anything in it is read: texts that are no UTF-8, and more
    # values than anybody writes, so that reading is bounded whatever comes.
    class Inspection
      # Values in one document: ten times a large drawer with its shelf; a quilt, and a whole bench, may be larger.
      MOST = 20_000
      WHOLE = 400_000
      BENCH = 4_000_000

      # @param node [Node]
      # @param most [Integer] values
      def initialize(node, most)
        @node = node
        @most = most
        @count = 0
      end

      # @return [Boolean] whether it may be read; noted as faults where it may not
      def pass?
        return true if sound?(@node.value)

        refuse(@node.value, @node) if @count <= @most
        @node.fault("holds more than #{@most} values: allowed are at most so many at once") if @count > @most
        false
      end

      private

      # Whether nothing is wrong in it, which is so nearly always: where something is, is looked for after that.
      def sound?(value)
        return false if (@count += 1) > @most

        case value
        when String then value.valid_encoding?
        when Array then value.all? { |one| sound?(one) }
        when Hash then sound_pairs?(value)
        else true
        end
      end

      def sound_pairs?(pairs)
        pairs.each_pair { |key, value| return false unless key.valid_encoding? && sound?(value) }
        true
      end

      def refuse(value, node)
        case value
        when String then node.fault("is not readable: allowed is a text in UTF-8") unless value.valid_encoding?
        when Array then value.each_with_index { |one, i| refuse(one, node.child(i)) }
        when Hash then value.each { |key, one| refuse_under(key, one, node) }
        end
      end

      def refuse_under(key, value, node)
        return refuse(value, node.child(key)) if key.valid_encoding?

        node.fault("has a key that is not readable: allowed are keys in UTF-8")
      end
    end
  end
end
