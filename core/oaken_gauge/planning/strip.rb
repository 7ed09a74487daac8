# frozen_string_literal: true

module OakenGauge
  module Planning
    # A strip across the fabric, crosscut into segments, each of them a stack of pieces. That is how hands cut, and all
    # that a plan is made of.
    #
    # - width: Rational inches; - segments: [Segment]; - times: how many are cut just like it
    # - rest: {Rests::Laid}, what is laid beyond them; nil elsewhere
    Strip = Struct.new(:width, :segments, :times, :rest, keyword_init: true) do
      # @param segments [Array<Segment>]
      # @return [Strip] no wider than they need, the longest of them first
      def self.of(segments, times: 1)
        new(width: segments.map(&:across).max, segments: segments.sort_by { |segment| [-segment.length, -segment.across] }, times: times)
      end

      # @return [Strip] with some of that changed
      def with(**changes)
        Strip.new(**to_h, **changes)
      end

      # @return [Rational] inches along it that are taken
      def length
        @length ||= segments.sum(0r, &:length)
      end

      # @return [Rational] inches of the bolt that all of them take
      def takes
        width * times
      end

      # @return [Rational] square inches of pieces on it
      def used
        segments.sum(0r) { |segment| segment.pieces.sum(&:area) }
      end

      # @return [Hash{Integer => Integer}] how many of each kind are on one
      def tally
        [*segments.flat_map { |segment| segment.pieces.map(&:kind) }, *rest&.pieces&.map(&:first)].tally
      end

      # @param after [Integer]
      # @return [Strip] what is laid on its rest told by numbers so much higher
      def numbered(after)
        rest ? with(rest: rest.numbered(after)) : self
      end

      # One of it without what is beyond so many of each kind, and no wider than what is left on it needs.
      # @param left [Array<Integer>] by kind; what stays is taken off
      # @return [Strip, nil]
      def needed(left)
        kept = segments.filter_map { |segment| segment.needed(left) }
        Strip.of(kept) unless kept.empty?
      end

      # All of it without what is beyond so many of each kind.
      # @param left [Array<Integer>] by kind; what stays is taken off
      # @return [Array<Strip>]
      def all_needed(left)
        whole = [tally.map { |kind, count| left[kind] / count }.min, times].min
        tally.each { |kind, count| left[kind] -= count * whole }
        parts = (whole...times).lazy.map { needed(left) }.take_while(&:itself).to_a
        whole.positive? ? [with(times: whole), *parts] : parts
      end
    end
  end
end
