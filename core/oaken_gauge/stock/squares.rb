# frozen_string_literal: true

module OakenGauge
  module Stock
    # Precut squares of one side.
    class Squares < SheetGoods
      # @return [Rational] inches
      attr_reader :side
      # @return [Integer, nil] how many there are; nil when there are enough
      attr_reader :count

      def initialize(side:, count: nil, **common)
        super(**common)
        @side = side
        @count = count
      end

      # @param node [Documents::Node]
      # @return [Squares]
      def self.read(node)
        node.keys(required: %w[form side], optional: %w[count] + COMMON)
        new(side: node.length("side", most: 200), count: node.integer("count", 1..100_000, default: nil), **common(node))
      end

      # @return [Hash] the document it could be read from
      def to_document(measure)
        { "form" => "squares", "side" => Length.new(side, measure).to_s, "count" => count, **common_document }.compact
      end

      # @return [Array] width, length and count of each size of cloth
      def rectangles
        [[side, side, count]]
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(side, measure)} squares"
      end
    end
  end
end
