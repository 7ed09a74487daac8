# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces longer than the fabric is wide lie along the bolt, in bands as high as they are long. What a band has left beside
    # them is a sheet like any other: other pieces are cut from it first, from edge to edge, and only the rest from strips.
    # The same to ask as {Cutting}.
    #
    # @example Two borders of 3½ × 60½ leave 33 × 60½ of the band, which holds 96 squares of 4 and more
    #   Banded.best(kinds, 40r, effort: 3).length   # => (121/2), where strips of their own would take 40 more
    class Banded
      # What is laid beside the long pieces of a band. - pieces: [[kind, across, along, at, up]]; - kept: sizes for the shelf
      Rest = Struct.new(:pieces, :kept, keyword_init: true)

      # @param kinds [Array<Kind>]
      # @param room [Rational] inches along a strip
      # @param effort [Integer]
      # @return [Cutting, Banded] whichever takes less
      def self.best(kinds, room, effort:)
        plain = Cutting.new(kinds, room, effort: effort)
        return plain if kinds.partition { |kind| kind.size.max > room }.any?(&:empty?)

        banded = new(kinds, room, plain, effort: effort)
        banded.length < plain.length ? banded : plain
      end

      # @param plain [Cutting] the same without
      def initialize(kinds, room, plain, effort:)
        @kinds = kinds
        @room = room
        @plain = plain
        @effort = effort
        @long, @others = kinds.each_index.partition { |i| kinds[i].size.max > room }
      end

      # @return [Array<Strip>] the bands, then strips, wide ones first
      def strips
        @strips ||= bands + (after ? told(after, left) : [])
      end

      # @return [Rational] inches of fabric that they take
      def length
        strips.sum(0r, &:width)
      end

      # @return [FirstFit]
      def first_fit
        @plain.first_fit
      end

      # What the long pieces take by themselves, and the area of all.
      # @return [Rational] inches that no plan takes less than
      def bound
        least = [band.bound, @kinds.sum { |kind| kind.area * kind.count } / @room].max
        [(least * 64).floor/64r, length].min
      end

      private

      def band
        @band ||= Cutting.new(@kinds.values_at(*@long), @room, effort: @effort)
      end

      # The strips of a part of the kinds, told by the number that each has among all.
      def told(cutting, numbers)
        cutting.strips.map do |strip|
          Strip.new(width: strip.width, segments: strip.segments.map { |segment| numbered(segment, numbers) })
        end
      end

      def numbered(segment, numbers)
        Segment.new(length: segment.length, pieces: segment.pieces.map { |kind, across| [numbers[kind], across] })
      end

      # Each with what is laid on its rest.
      def bands
        sheets = laid.taken.flat_map { |taken| [taken] * taken.repeats }
        told(band, @long).each do |strip|
          place = sheets.index { |taken| [taken.wide, taken.long] == [strip.width, @room - strip.length] }
          strip.rest = rest(sheets.delete_at(place), strip.length) if place
        end
      end

      def rest(taken, from)
        pieces = taken.rows.flat_map { |row| Laying.in_row(row, number(row.cut)) }
        Rest.new(pieces: pieces.map { |kind, across, along, at, up| [kind, across, along, from + at, up] },
                 kept: taken.kept.map { |space| [space.wide, space.long] })
      end

      def number(cut)
        @others[cuts.index { |one| one.equal?(cut) }]
      end

      def cuts
        @cuts ||= @kinds.values_at(*@others).map(&:to_cut)
      end

      def laid
        @laid ||= Stock::Sheets::Sharing.new(rests, cuts).best
      end

      # What the bands leave, as scraps; where one piece may not be turned the fabric may not.
      def rests
        sizes = band.strips.map { |strip| [strip.width, @room - strip.length] }.select { |_, along| along.positive? }
        Stock::Scraps.new(pieces: sizes, directional: @others.any? { |i| !@kinds[i].turn })
      end

      # Which kinds are still wanted, and how they are cut.
      def left
        @left ||= @others.select.with_index { |_, i| laid.missing.fetch(cuts[i], 0).positive? }
      end

      def after
        @after ||= Cutting.new(left.map { |i| wanted(i) }, @room, effort: @effort) unless left.empty?
      end

      def wanted(number)
        Kind.new(**@kinds[number].to_h, count: laid.missing.fetch(cuts[@others.index(number)]))
      end
    end
  end
end
