# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Planning
    # The least that few pieces can be cut from, over every way there is. What is wanted is told by so many of each kind, and so is
    # every part of it: for each part the least that it takes is looked up in that of smaller parts, first along a strip of every
    # width, then over strips.
    class Few
      # So many pairs of a part and a part of it are gone through: ten pieces, all different, have 59,049.
      MOST = 60_000

      # @param counts [Array<Integer>] of each kind
      # @return [Boolean] whether so few that every way is tried
      def self.few?(counts)
        counts.reduce(1) { |pairs, count| pairs * (count + 1) * (count + 2) / 2 } <= MOST
      end

      # @param ways [Ways]
      # @param counts [Array<Integer>]
      def initialize(ways, counts)
        @ways = ways
        @counts = counts
        @parts = Layout::Parts.new(counts)
        @widths = widths
      end

      # @return [Array<Strip>, nil] nil where some piece fits on no strip
      def strips
        return [] if @parts.all.one?

        strip_by_strip(@parts.all.size - 1)
      end

      private

      # Every width that a stack of these pieces may take.
      def widths
        sums = { 0r => true }
        @ways.all.each do |way|
          @counts[way.kind].times { sums.merge!(sums.keys.to_h { |sum| [sum + way.across, true] }.select { |sum, _| sum <= @ways.widest }) }
        end
        sums.keys.sort
      end

      def inches
        @inches ||= Numo::DFloat.cast(@widths.map(&:to_f))
      end

      # Of each part as one stack, its least length on strips of each width.
      def stacks
        @stacks ||= Numo::DFloat.zeros(@parts.all.size, @widths.size).fill(Float::INFINITY).tap do |table|
          @parts.all.each_with_index { |counts, part| stack_lengths(counts) { |widths, length| table[part, widths] = length.to_f } }
        end
      end

      # The longer a stack may be the narrower it can be.
      def stack_lengths(counts)
        lengths.reduce(@widths.size) do |above, length|
          across = across_within(counts, length)
          from = across && @widths.bsearch_index { |width| width >= across }
          next above if from.nil? || from >= above

          yield from...above, length
          from
        end
      end

      def lengths
        @lengths ||= @ways.all.map(&:along).uniq
      end

      # The least that a stack of these takes across, none longer than that; nil where one is.
      def across_within(counts, length)
        narrowest = narrowest_within(length)
        wanted = counts.each_index.select { |kind| counts[kind].positive? }
        wanted.sum(0r) { |kind| counts[kind] * narrowest[kind] } if wanted.all? { |kind| narrowest[kind] }
      end

      def narrowest_within(length)
        (@within ||= {})[length] ||= @ways.by_kind.map { |ways| ways.select { |way| way.along <= length }.map(&:across).min }
      end

      # Of each part its least length along a strip of each width, cut into one stack after another.
      def along
        @along ||= @parts.least(stacks)
      end

      # Of each part the narrowest strip that holds it.
      def narrowest
        @narrowest ||= begin
          fits = (along <= @ways.room.to_f + 1e-9)
          Numo::DFloat[*@parts.all.each_index.map { |i| [fits[i, true].where.to_a.map { |w| inches[w] }.min || Float::INFINITY] }]
        end
      end

      def in_all
        @in_all ||= @parts.least(narrowest)
      end

      def strip_by_strip(part)
        return [] if part.zero?
        return if in_all[part, 0].infinite?

        first = @parts.first(part, narrowest, in_all, 0)
        width = inches.eq(narrowest[first, 0]).where[0]
        [Strip.of(segments(first, width)), *strip_by_strip(part - first)]
      end

      def segments(part, width)
        return [] if part.zero?

        first = @parts.first(part, stacks, along, width)
        [segment(@parts.all[first], stacks[first, width]), *segments(part - first, width)]
      end

      def segment(counts, length)
        pieces = counts.each_with_index.flat_map do |count, kind|
          [@ways.by_kind[kind].select { |way| way.along.to_f <= length + 1e-9 }.min_by(&:across)] * count
        end
        Segment.of(pieces)
      end
    end
  end
end
