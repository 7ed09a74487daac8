# frozen_string_literal: true

module OakenGauge
  module Planning
    # A crosscut of a strip.
    #
    # - length: Rational inches along the strip; - pieces: [[kind, across]], one above the other
    Segment = Struct.new(:length, :pieces, keyword_init: true) do
      # Every segment that a strip may have: a piece either way round, and two of one length one above the other.
      #
      # @param kinds [Array<Kind>]
      # @param room [Rational] inches along a strip
      # @return [Array<Segment>]
      def self.all(kinds, room)
        single = kinds.each_index.flat_map { |i| kinds[i].ways.map { |across, along| new(length: along, pieces: [[i, across]]) } }
                      .select { |segment| segment.length <= room }
        single + single.group_by(&:length).values.flat_map { |same| pairs(same) }
      end

      def self.pairs(same)
        same.repeated_combination(2).map { |one, other| new(length: one.length, pieces: one.pieces + other.pieces) }
      end
      private_class_method :pairs

      # @param worth [Array<Float>] of each kind
      # @return [Float]
      def worth(worth)
        pieces.sum { |kind, _| worth[kind] }
      end

      # @return [Rational] inches across the strip that its pieces take
      def across
        pieces.sum(&:last)
      end

      # @param left [Array<Integer>] how many of each kind are still wanted; what stays is taken off
      # @return [Segment, nil] with the pieces that are
      def needed(left)
        kept = pieces.select { |kind, _| left[kind].positive? && (left[kind] -= 1) }
        Segment.new(length: length, pieces: kept) unless kept.empty?
      end
    end
  end
end
