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
    # - pieces, layers: what comes of cuts that go through several layers, and through how many; nil for all else
    # - scant: whether it is sewn a little less than its size
    Step = Struct.new(:operation, :count, :size, :length, :on, :round, :pieces, :layers, :scant) do
      # @return [Step] with some of that changed
      def with(**changes)
        dup.tap { |step| changes.each { |name, value| step[name] = value } }
      end

      # @param other [Step]
      # @return [Boolean] whether the same is done to the same
      def like?(other)
        operation.equal?(other.operation) && size == other.size && on == other.on
      end

      # @param measure [Symbol] unit of measure for its words
      # @return [String]
      def say(measure = :inch)
        number = pieces || count
        words = format(Saying.form(number, operation.one, operation.many), count: number, size: size_words(measure), on: on || "pieces")
        if stacked?
          "#{words.delete_suffix('.')}, #{layers} layers at a time: #{Saying.many(count, 'cut')}."
        else
          words
        end
      end

      # @return [Boolean] whether one cut gives several of its pieces
      def stacked?
        !pieces.nil? && layers > 1
      end

      # @param measure [Symbol]
      # @return [String] one length, or height and width
      def size_words(measure)
        return "" unless size

        "#{'a scant ' if scant}#{Length.saying(size, measure)}"
      end

      # @param times [Hash{Symbol => Numeric}] a maker's, by their names
      # @return [Float] without getting ready for it, see {Timing}
      def seconds(times)
        count * operation.takes.sum { |time| times.fetch(time) * (time == :sew_inch ? length || 0 : 1) }
      end
    end
  end
end
