# frozen_string_literal: true

module OakenGauge
  module Planning
    # Where pieces lie: on the strips of a bolt, and on sheets.
    module Laying
      # A piece. - kind; - across, along: as it lies; - at: along the strip; - up: across it
      Laid = Struct.new(:kind, :across, :along, :at, :up, keyword_init: true)
      # A strip of the bolt, or a sheet. - stock: which entry of the stock; - sheet: which of its sheets, nil for the
      # bolt; - width, length; - at: where it begins along the bolt; - pieces: [Laid]; - kept: sizes for the shelf;
      # - with: the fabric that lies right sides together with it, nil where there is none
      Cut = Struct.new(:stock, :sheet, :width, :length, :at, :pieces, :kept, :with, keyword_init: true)

      class << self
        # @param strip [Strip]
        # @param kinds [Array<Kind>]
        # @param room [Rational] inches along it
        # @param place [Hash] stock:, at: and with: of the strip
        # @return [Cut]
        def strip(strip, kinds, room, place)
          along = 0r
          pieces = strip.segments.flat_map { |segment| stacked(segment, kinds, along).tap { along += segment.length } }
          kept = [*(strip.rest ? strip.rest.kept : [[strip.width, room - along]]), *above(strip)]
          Cut.new(**place, width: strip.width, length: room, pieces: pieces + beyond(strip, kinds), kept: worth_keeping(kept))
        end

        # @param taken [Layout::Sheet]
        # @param place [Hash] stock: and sheet:
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

        # What is left beside the pieces of each segment.
        def above(strip)
          strip.segments.map { |segment| [strip.width - segment.across, segment.length] }
        end

        # What lies beyond the segments of a band.
        def beyond(strip, kinds)
          (strip.rest&.pieces || []).map { |kind, *place| laid(kinds[kind], *place) }
        end

        def worth_keeping(sizes)
          sizes.select { |size| Layout::Space.worth_keeping?(*size) }
        end

        def stacked(segment, kinds, along)
          up = 0r
          segment.pieces.map do |kind, across|
            Laid.new(kind: kinds[kind], across: across, along: segment.length, at: along, up: up).tap { up += across }
          end
        end
      end
    end
  end
end
