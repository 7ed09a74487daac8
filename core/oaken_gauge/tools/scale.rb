# frozen_string_literal: true

module OakenGauge
  module Tools
    # The numbers printed along a tool, from the smaller to the larger: a list, or from one to another by even
    # steps. They are looked up, not gone through: a ruler may have hundreds.
    #
    # @example
    #   scale = Scale.even(1r, 6r, 1/2r)
    #   scale.include?(5/2r)   # => true
    #   scale.below(9/4r)      # => (2/1)
    class Scale
      include Enumerable

      # More lines than any tool has room for.
      MOST = 400

      # @return [Array(Rational, Rational, Rational), nil] from, to and step, where they are even
      attr_reader :range

      # @param from [Rational] inches
      # @param to [Rational]
      # @param step [Rational]
      # @return [Scale]
      def self.even(from, to, step)
        new(nil, [from, to, step])
      end

      # @param numbers [Array<Rational>, nil] inches, in order
      def initialize(numbers, range = nil)
        @numbers = numbers
        @range = range
      end

      # @return [Integer]
      def size
        range ? [((range[1] - range[0]) / range[2]).floor + 1, 0].max : @numbers.size
      end

      # @yield [Rational]
      def each
        size.times { |i| yield at(i) }
      end

      # @param number [Rational] inches
      # @return [Boolean]
      def include?(number)
        place = before(number)
        place < size && at(place) == number
      end

      # @param number [Numeric] inches
      # @return [Rational, nil] the nearest smaller one
      def below(number)
        place = before(number) - 1
        at(place) if place >= 0
      end

      # @param number [Numeric] inches
      # @return [Rational, nil] the nearest larger one
      def above(number)
        place = before(number)
        place += 1 if place < size && at(place) == number
        at(place) if place < size
      end

      # @param least [Numeric] inches
      # @param most [Numeric] inches
      # @return [Array<Rational>] those in between, both ends counted
      def between(least, most)
        (before(least)...size).lazy.map { |place| at(place) }.take_while { |number| number <= most }.to_a
      end

      # @return [Boolean] same numbers, told the same way
      def ==(other)
        other.is_a?(Scale) && other.identity == identity
      end
      alias eql? ==

      # @return [Integer]
      def hash
        identity.hash
      end

      protected

      def identity
        [@numbers, range]
      end

      private

      def at(place)
        range ? range[0] + (place * range[2]) : @numbers[place]
      end

      # How many are smaller.
      def before(number)
        return ((number - range[0]) / range[2]).ceil.clamp(0, size) if range

        @numbers.bsearch_index { |one| one >= number } || size
      end
    end
  end
end
