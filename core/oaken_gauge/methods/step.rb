# frozen_string_literal: true

module OakenGauge
  module Methods
    # One step of a method, for the whole demand: the single source of effort, of chances to slip and
    # of the words on the bench.
    #
    # - operation: {Operation}
    # - count: how often it is done
    # - size: Numeric inches, what it is set to, where it is set to something
    # - length: Numeric inches sewn each time
    # - on: what it is done to, in words
    Step = Struct.new(:operation, :count, :size, :length, :on, keyword_init: true) do
      # @param measure [Symbol] unit of measure for its words
      # @return [String]
      def say(measure = :inch)
        format(operation.words(count), count: count, size: size && Length.saying(size, measure), on: on || "pieces")
      end

      # @param maker [Weighing::Maker]
      # @return [Float]
      def seconds(maker)
        count * operation.seconds(maker, length || 0)
      end
    end
  end
end
