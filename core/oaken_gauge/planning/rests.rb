# frozen_string_literal: true

module OakenGauge
  module Planning
    # What strips have left beyond their segments is a sheet like any other: other pieces are cut from it first, from edge to
    # edge, and only what is still wanted from strips of its own.
    class Rests
      # What is laid there. - pieces: [[kind, across, along, at, up]], kinds by number; - kept: sizes for the shelf
      Laid = Struct.new(:pieces, :kept, keyword_init: true) do
        # @return [Laid] its kinds told by numbers so much higher
        def numbered(after)
          Laid.new(pieces: pieces.map { |kind, *place| [kind + after, *place] }, kept: kept)
        end
      end

      # @param strips [Array<Strip>]
      # @param kinds [Array<Kind>] the other pieces
      # @param room [Rational] inches along a strip
      def initialize(strips, kinds, room)
        @strips = strips
        @kinds = kinds
        @room = room
      end

      # @return [Array<Array<Strip>>] of each strip those with what is laid on their rests
      def strips
        sheets = laid.sheets.map { |taken| [taken, taken.repeats] }
        @strips.map do |strip|
          shared(strip, sheets).map { |taken, times| strip.with(times: times, rest: taken && rest(taken, strip.length)) }
        end
      end

      # @return [Array<Kind>] what is still wanted, so many of each
      def left
        @kinds.zip(cuts).filter_map do |kind, cut|
          missing = laid.missing.fetch(cut, 0)
          Kind.new(**kind.to_h, count: missing) if missing.positive?
        end
      end

      # @return [Boolean] whether anything is laid there at all
      def any?
        laid.sheets.any?
      end

      # @return [Rational] square inches
      def area
        sizes.sum(0r) { |wide, long| wide * long }
      end

      private

      # Which of what is laid lies on how many of these strips: on the last of them nothing.
      def shared(strip, sheets)
        wanted = strip.times
        parts = sheets.select { |taken, _| [taken.wide, taken.long] == [strip.width, @room - strip.length] }.filter_map do |one|
          times = [wanted, one.last].min
          wanted -= times
          one[1] -= times
          [one.first, times] if times.positive?
        end
        wanted.positive? ? [*parts, [nil, wanted]] : parts
      end

      def rest(taken, from)
        pieces = taken.rows.flat_map { |row| Laying.in_row(row, number(row.cut)) }
        Laid.new(pieces: pieces.map { |kind, across, along, at, up| [kind, across, along, from + at, up] },
                 kept: taken.kept.map { |space| [space.wide, space.long] })
      end

      def number(cut)
        cuts.index { |one| one.equal?(cut) }
      end

      def cuts
        @cuts ||= @kinds.map(&:to_cut)
      end

      def laid
        @laid ||= sizes.empty? || cuts.empty? ? nothing : Layout::Sharing.new(scraps, cuts, method(:still_wanted)).best
      end

      # The less fabric is still wanted for them the better, then what the sheets themselves say.
      def still_wanted(attempt)
        [@kinds.zip(cuts).sum { |kind, cut| kind.area * attempt.missing.fetch(cut, 0) }, *attempt.score]
      end

      def nothing
        Layout::Laid.new(sheets: [], missing: cuts.to_h { |cut| [cut, cut.count] }.compare_by_identity)
      end

      # Where one piece may not be turned the fabric may not.
      def scraps
        Fabrics::Scraps.new(pieces: sizes, directional: @kinds.any? { |kind| !kind.turn })
      end

      def sizes
        @sizes ||= @strips.flat_map { |strip| [[strip.width, @room - strip.length]] * strip.times }.select { |_, along| along.positive? }
      end
    end
  end
end
