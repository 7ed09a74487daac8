# frozen_string_literal: true

module OakenGauge
  module Planning
    # A crosscut of a strip: a stack of pieces one above the other, each trimmed from it where it is longer than they are.
    #
    # - length: Rational inches along the strip; - pieces: [{Ways::Way}]
    Segment = Struct.new(:length, :pieces, keyword_init: true) do
      # @param pieces [Array<Ways::Way>]
      # @return [Segment] as long as the longest of them, which lies lowest
      def self.of(pieces)
        sorted = pieces.sort_by { |piece| [-piece.along, -piece.across, piece.kind] }
        new(length: sorted.first.along, pieces: sorted)
      end

      # @return [Rational] inches across the strip that its pieces take
      def across
        @across ||= pieces.sum(&:across)
      end

      # @param left [Array<Integer>] how many of each kind are still wanted; what stays is taken off
      # @return [Segment, nil] with the pieces that are
      def needed(left)
        kept = pieces.select { |piece| left[piece.kind].positive? && (left[piece.kind] -= 1) }
        Segment.of(kept) unless kept.empty?
      end
    end
  end
end
