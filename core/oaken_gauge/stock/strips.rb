# frozen_string_literal: true

module OakenGauge
  module Stock
    # Strips already cut to one width.
    class Strips < Fabric
      length :width, default: nil, most: 200, label: "Width of a strip"
      length :usable_length, as: :strip_length, default: Yardage::DEFAULT_USABLE_WIDTH, most: 10_000, label: "Usable length"
      integer :count, within: 1..100_000, default: nil, label: "How many"
      common
      rule(:width, :pieced, say: "is missing",
                            schema: { "anyOf" => [{ "required" => ["width"] }, { "required" => ["pieced"] }] }) { |*either| either.any? }

      # @return [Strips]
      def sized(seam)
        width ? self : with(width: pieced.width(seam))
      end

      # @param across [Rational] inches a strip must be wide
      # @return [Rational, nil] the strips' own width; nil when they are too narrow
      def strip_for(across)
        width if across <= width
      end

      # As sheets of a plan, where a strip may hold several rows.
      # @return [Array] width, length and count of each size
      def rectangles
        [[width, strip_length, count]]
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
