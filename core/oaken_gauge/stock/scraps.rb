# frozen_string_literal: true

module OakenGauge
  module Stock
    # Scraps: rectangles of any size, one of each.
    class Scraps < SheetGoods
      # @return [Array<Array(Rational, Rational)>] width and length of each, inches
      attr_reader :pieces

      def initialize(pieces:, **common)
        super(**common)
        @pieces = pieces
      end

      # @param node [Documents::Node]
      # @return [Scraps]
      def self.read(node)
        node.keys(required: %w[form pieces], optional: COMMON)
        list = node.child("pieces")
        pieces = node.list("pieces", 1..2000).each_index.map { |i| list.lengths(i, 2..2) }
        new(pieces: pieces, **common(node))
      end

      # @return [Hash] the document it could be read from
      def to_document(measure)
        { "form" => "scraps", "pieces" => pieces.map { |piece| piece.map { |side| Length.new(side, measure).to_s } }, **common_document }
      end

      # @return [Array] width, length and count of each size of cloth
      def rectangles
        @rectangles ||= pieces.tally.map { |(width, length), count| [width, length, count] }
      end

      # @return [String] for the words of a refusal
      def called(_measure)
        "scraps"
      end
    end
  end
end
