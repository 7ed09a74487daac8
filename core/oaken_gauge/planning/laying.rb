# frozen_string_literal: true

module OakenGauge
  module Planning
    # Where pieces lie: on the strips of a bolt, and on sheets.
    module Laying
      # A piece. - kind; - across, along: as it lies; - at: along the strip; - up: across it
      Laid = Struct.new(:kind, :across, :along, :at, :up, keyword_init: true)
      # Strips of a bolt that are alike, or sheets. - stock: which entry of the stock; - sheet: which of its sheets the first is, nil
      # for a bolt; - width, length; - at: where the first begins along the bolt; - times: how many; - pieces: [Laid];
      # - kept: sizes for the shelf; - with: the fabric that lies right sides together with it, nil where there is none
      Cut = Struct.new(:stock, :sheet, :width, :length, :at, :times, :pieces, :kept, :with, keyword_init: true)

      class << self
        # @param strip [Strip]
        # @param kinds [Array<Kind>]
        # @param room [Rational] inches along it
        # @param place [Hash] stock:, at: and with: of the strip
        # @return [Cut]
        def strip(strip, kinds, room, place)
          along = 0r
          pieces = strip.segments.flat_map { |segment| stacked(segment, kinds, along).tap { along += segment.length } }
          kept = [*(strip.rest ? strip.rest.kept : [[strip.width, room - along]]), *strip.segments.flat_map do |segment|
            left(segment, strip.width)
          end]
          Cut.new(**place, width: strip.width, length: room, times: strip.times, pieces: pieces + beyond(strip, kinds),
                           kept: worth_keeping(kept))
        end

        # @param taken [Layout::Sheet]
        # @param place [Hash] stock:, sheet: and times:
        # @yield [Layout::Piece] tells its kind
        # @return [Cut]
        def sheet(taken, place)
          pieces = taken.rows.flat_map { |row| in_row(row, yield(row.cut)) }.map { |one| laid(*one) }
          kept = taken.kept.map { |space| [space.wide, space.long] }
          Cut.new(**place, width: taken.wide, length: taken.long, at: 0r, pieces: pieces, kept: kept)
        end

        # @param row [Layout::Row]
        # @param kind [Object]
        # @return [Array<Array>] of each piece in it the kind, how it lies across and along, and where
        def in_row(row, kind)
          across, along = row.turned ? row.cut.size.reverse : row.cut.size
          Array.new(row.count) do |i|
            off = row.form.reach.call(i)
            right, upward = row.turned ? [0, off] : [off, 0]
            [kind, across, along, row.x + right, row.y + upward]
          end
        end

        private

        def laid(kind, across, along, at, upward)
          Laid.new(kind: kind, across: across, along: along, at: at, up: upward)
        end

        # What is left above the pieces of a segment, and beside those that are trimmed from it.
        def left(segment, width)
          [[width - segment.across, segment.length], *segment.pieces.map { |way| [way.across, segment.length - way.along] }]
        end

        # What lies beyond the segments.
        def beyond(strip, kinds)
          (strip.rest&.pieces || []).map { |kind, *place| laid(kinds[kind], *place) }
        end

        def worth_keeping(sizes)
          sizes.select { |size| Layout::Space.worth_keeping?(*size) }
        end

        def stacked(segment, kinds, along)
          up = 0r
          segment.pieces.map { |way| laid(kinds[way.kind], way.across, way.along, along, up).tap { up += way.across } }
        end
      end
    end
  end
end
