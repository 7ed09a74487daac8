# frozen_string_literal: true

module OakenGauge
  module Stock
    # Strips already cut to one width.
    class Strips < Fabric
      # @return [Rational] inches
      attr_reader :width
      # @return [Rational] inches along a strip
      attr_reader :strip_length
      # @return [Integer, nil] how many there are; nil when there are enough
      attr_reader :count

      def initialize(width:, usable_length: Yardage::DEFAULT_USABLE_WIDTH, count: nil, **common)
        super(**common)
        @width = width
        @strip_length = usable_length
        @count = count
      end

      # @param node [Documents::Node]
      # @return [Strips]
      def self.read(node)
        node.keys(required: %w[form width], optional: %w[usable_length count] + COMMON)
        new(width: node.length("width", most: 200),
            usable_length: node.length("usable_length", default: Yardage::DEFAULT_USABLE_WIDTH, most: 10_000),
            count: node.integer("count", 1..100_000, default: nil), **common(node))
      end

      # @return [Hash] the document it could be read from
      def to_document(measure)
        { "form" => "strips", "width" => Length.new(width, measure).to_s,
          "usable_length" => Length.new(strip_length, measure).to_s, "count" => count, **common_document }.compact
      end

      # @param across [Rational] inches a strip must be wide
      # @return [Rational, nil] the strips' own width; nil when they are too narrow
      def strip_for(across)
        width if across <= width
      end

      # @return [Integer, nil]
      def strips_in_stock(_width)
        count
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(width, measure)} strips"
      end

      # @return [Boolean] whether strips still have to be cut to their width
      def cut_to_width?(needed)
        needed < width
      end

      private

      def missing_for(allocations)
        count && (allocations.sum { |taken| taken.strips.empty? ? 0 : taken.taken } - count)
      end

      def missing_words(missing, _measure)
        missing == 1 ? "1 strip" : "#{missing} strips"
      end
    end
  end
end
