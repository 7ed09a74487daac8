# frozen_string_literal: true

module OakenGauge
  module Methods
    # One step of a method, for the whole demand: the single source of effort, of chances for error and
    # of the words on the bench.
    #
    # - operation: {Operation}
    # - count: how often it is done
    # - size: Numeric inches, or [height, width], what it is set to, where it is set to something
    # - length: Numeric inches sewn each time
    # - on: what it is done to, in words
    # - round: 0 for cutting patches; then the seams that have nothing between them, round after round
    Step = Struct.new(:operation, :count, :size, :length, :on, :round) do
      # @return [Step] with some of that changed
      def with(operation: self.operation, size: self.size)
        Step.new(operation, count, size, length, on, round)
      end

      # @param other [Step]
      # @return [Boolean] whether the same is done to the same
      def like?(other)
        operation.equal?(other.operation) && size == other.size && on == other.on
      end

      # @param measure [Symbol] unit of measure for its words
      # @return [String]
      def say(measure = :inch)
        format(count == 1 ? operation.one : operation.many, count: count, size: size_words(measure), on: on || "pieces")
      end

      # @param measure [Symbol]
      # @return [String] one length, or height and width
      def size_words(measure)
        size ? Length.saying(size, measure) : ""
      end

      # @param times [Hash{Symbol => Numeric}] a maker's, by their names
      # @return [Float] without getting ready for it, see {Timing}
      def seconds(times)
        count * operation.takes.sum { |time| times.fetch(time) * (time == :sew_inch ? length || 0 : 1) }
      end
    end
  end
end
