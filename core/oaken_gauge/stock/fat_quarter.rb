# frozen_string_literal: true

module OakenGauge
  module Stock
    # Fat quarters, 18 × 21 with their edges on, 17½ × 20 to use unless stated.
    class FatQuarter < SheetGoods
      USABLE = [35/2r, 20r].freeze

      # @return [Rational] inches
      attr_reader :width, :length
      # @return [Integer, nil] how many there are; nil when there are enough
      attr_reader :count

      def initialize(width: USABLE.first, length: USABLE.last, count: nil, **common)
        super(**common)
        @width = width
        @length = length
        @count = count
      end

      # @param node [Documents::Node]
      # @return [FatQuarter]
      def self.read(node)
        node.keys(required: %w[form], optional: %w[width length count] + COMMON)
        new(width: node.length("width", default: USABLE.first, most: 200), length: node.length("length", default: USABLE.last, most: 200),
            count: node.integer("count", 1..100_000, default: nil), **common(node))
      end

      # @return [Hash] the document it could be read from
      def to_document(measure)
        { "form" => "fat_quarter", "width" => Length.new(width, measure).to_s, "length" => Length.new(length, measure).to_s,
          "count" => count, **common_document }.compact
      end

      # @return [Array] width, length and count of each size of cloth
      def rectangles
        [[width, length, count]]
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "fat quarters of #{Length.new(width, measure)} × #{Length.new(length, measure)}"
      end
    end
  end
end
