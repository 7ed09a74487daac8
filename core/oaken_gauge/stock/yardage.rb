# frozen_string_literal: true

module OakenGauge
  module Stock
    # Fabric off the bolt. Strips of any width are cut from selvage to selvage.
    class Yardage < Fabric
      # What is taken of it is counted in these.
      COUNTED = "strip"

      # Squared and without selvage, inches.
      DEFAULT_USABLE_WIDTH = 40r

      length :usable_width, default: DEFAULT_USABLE_WIDTH, most: 200, label: "Usable width"
      length :length, default: nil, most: 10_000, label: "Length along the selvage"
      common

      # @param across [Rational] inches a strip must be wide
      # @return [Rational] the width it is cut at: just that
      def strip_for(across)
        across
      end

      # @return [Rational] inches along a strip
      def strip_length
        usable_width
      end

      # @param width [Rational] inches
      # @return [Integer, nil] strips of that width to be had; nil when there is no end to them
      def strips_in_stock(width)
        length && (length / width).floor
      end

      # @return [String] for the words of a refusal
      def called(measure)
        "#{Length.new(usable_width, measure)} wide yardage"
      end

      # @return [Boolean] whether strips still have to be cut to their width
      def cut_to_width?(_width)
        true
      end

      # @return [Rational, nil] inches along the selvage; nil where nobody says
      def holds
        length
      end

      # @param allocations [Array<Allocation>]
      # @return [Numeric] inches along the selvage that they take
      def takes(allocations)
        allocations.sum { |taken| length_of(taken) }
      end

      # @param amount [Numeric] inches
      # @return [String]
      def amount_words(amount, measure)
        Length.new(Grid.new(1/8r).ceil(amount), measure).to_s
      end

      private

      # A blank takes its share of a strip as it is long.
      def length_of(taken)
        taken.strips.empty? ? taken.consumed / usable_width : taken.strips.sum { |width, count| width * count }
      end
    end
  end
end
