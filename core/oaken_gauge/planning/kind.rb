# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces of one size that are to be cut of one fabric.
    #
    # - size: [height, width], Rational inches as cut; - count; - turn: whether they may lie either way round;
    # - shape: :square, :rectangle or :run; - then_do: what becomes of each; - for: ids of the units they are for
    # - letter: what they are called on every page; - place: where in the document they are told of
    # - pair: whether they are cut right sides together with as many of another fabric
    Kind = Struct.new(:size, :count, :turn, :shape, :then_do, :for, :letter, :place, :pair, keyword_init: true) do
      # @return [Array<Array(Rational, Rational)>] the ways one may lie: across the strip and along it
      def ways
        turn ? [size, size.reverse].uniq : [size]
      end

      # @return [Rational] square inches
      def area
        size.inject(:*)
      end

      # @return [Kind] with some of that changed
      def with(**changes)
        Kind.new(**to_h, **changes)
      end

      # @return [Hash] all of it but how many
      def likeness
        to_h.except(:count)
      end

      # What makes two kinds one letter.
      # @return [Array]
      def looks
        [size.sort.reverse, shape, then_do]
      end

      # @param room [Rational] inches along a strip
      # @param most [Rational, nil] inches of the bolt, nil where there is no end to it
      # @return [Boolean]
      def fits?(room, most = nil)
        ways.any? { |across, along| along <= room && (most.nil? || across <= most) }
      end

      # @param other [Kind] of another fabric
      # @return [Kind, nil] how the two lie when they are cut on one another; nil where they are no pair
      def on(other)
        return unless alike?(other) && (turn || other.turn || size == other.size)

        Kind.new(**to_h, turn: turn && other.turn, size: turn ? other.size : size)
      end

      # @return [Boolean] whether both are to be paired, and are the same pieces
      def alike?(other)
        pair && other.pair && [looks, count] == [other.looks, other.count]
      end

      # As a cut that is laid on sheets.
      # @return [Layout::Piece]
      def to_cut(left = count)
        Layout::Piece.new(role: letter, exact: size, size: size, count: left, then_do: then_do, marks: [],
                          upright: !turn && shape != :run)
      end
    end
  end
end
