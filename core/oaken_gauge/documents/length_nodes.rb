# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reading lengths from a {Node}.
    module LengthNodes
      # What stands for a length that could not be read, so that reading can go on: nothing is ever
      # computed from it, since its fault is raised first.
      STAND_IN = 1r

      # @param key [String]
      # @param most [Rational] largest allowed, inches
      # @param least [Rational, nil] smallest allowed; nil for anything more than zero
      # @return [Rational] inches
      def length(key, most: 10_000, least: nil, **optional)
        return optional[:default] if self[key].nil? && optional.key?(:default)

        read_length(key, least, most) || STAND_IN
      end

      # @param sizes [Range<Integer>]
      # @return [Array<Rational>] inches
      def lengths(key, sizes)
        list(key, sizes)
        entries = child(key)
        return [STAND_IN] * sizes.min unless entries && list?(entries.value, sizes)

        entries.value.each_index.map { |i| entries.length(i) }
      end

      # @param key [String]
      # @return [Symbol] the unit of measure that the length under a key is written in
      def measure_of(key)
        Length.parse(self[key]).measure
      rescue UnreadableLength
        :inch
      end

      private

      def read_length(key, least, most)
        length = Length.parse(self[key]).inches
        return length if length <= most && (least ? length >= least : length.positive?)

        fault(key, "is #{self[key].inspect}: allowed is #{least ? "at least #{Length.new(least)}" : 'more than 0'} " \
                   "and at most #{Length.new(most)}")
      rescue UnreadableLength
        refuse(key, LengthParsing::ALLOWED)
      end
    end
  end
end
