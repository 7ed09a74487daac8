# frozen_string_literal: true

module OakenGauge
  module Planning
    # A strip across the fabric, crosscut into segments; each segment is one piece, perhaps trimmed, or two of one length
    # one above the other. That is how hands cut, and all that a plan is made of.
    #
    # - width: Rational inches; - segments: [Segment]; - rest: {Rests::Laid}, what is laid beyond them; nil elsewhere
    Strip = Struct.new(:width, :segments, :rest, keyword_init: true) do
      # @return [Rational] inches along it that are taken
      def length
        segments.sum(0r, &:length)
      end

      # @param kinds [Array<Kind>]
      # @return [Rational] square inches of pieces on it
      def used(kinds)
        segments.sum(0r) { |segment| segment.pieces.sum { |kind, _| kinds[kind].area } }
      end

      # @return [Hash{Integer => Integer}] how many of each kind
      def tally
        [*segments.flat_map { |segment| segment.pieces.map(&:first) }, *rest&.pieces&.map(&:first)].tally
      end

      # @param after [Integer]
      # @return [Strip] what is laid on its rest told by numbers so much higher
      def numbered(after)
        rest ? Strip.new(**to_h, rest: rest.numbered(after)) : self
      end

      # Without what is beyond so many of each kind, and no wider than what is left on it needs.
      # @param left [Array<Integer>] by kind; what stays is taken off
      # @return [Strip, nil]
      def needed(left)
        kept = segments.filter_map { |segment| segment.needed(left) }
        Strip.new(width: kept.map(&:across).max, segments: kept.sort_by { |segment| -segment.length }) unless kept.empty?
      end
    end
  end
end
