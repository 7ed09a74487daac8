# frozen_string_literal: true

module OakenGauge
  module Tools
    # Reads the numbers printed along a tool: a list in order, or {from, to, step}.
    class MarksReader
      # More lines than any tool has room for.
      MOST = 400

      # @return [Hash, nil] {from, to, step} as Rationals, when they were given so
      attr_reader :range

      # @param node [Documents::Node] an object with numbers under "marks"
      def initialize(node)
        @node = node
        @range = read_range(node.child("marks")) if node["marks"].is_a?(Hash)
      end

      # @return [Array<Rational>] inches, from the smaller to the larger
      def numbers
        range ? counted : listed
      end

      private

      def read_range(marks)
        marks.keys(required: %w[from to step])
        %w[from to step].to_h { |key| [key, marks.length(key)] }
      end

      def counted
        from, to, step = range.values
        count = ((to - from) / step).floor + 1
        fault_count(from, to, step) unless count.between?(1, MOST)
        Array.new(count.clamp(0, MOST)) { |i| from + (i * step) }
      end

      def fault_count(*range)
        words = range.map { |length| Length.new(length).to_s }
        @node.fault("marks", "runs from #{words[0]} to #{words[1]} by #{words[2]}: allowed are 1 to #{MOST} marks, " \
                             "from the smaller to the larger")
      end

      def listed
        @node.lengths("marks", 1..MOST).tap do |numbers|
          next if numbers.each_cons(2).all? { |one, other| one < other }

          @node.fault("marks", "is out of order or repeats a number: allowed are marks from the smaller to the larger")
        end
      end
    end
  end
end
