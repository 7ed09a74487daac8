# frozen_string_literal: true

module OakenGauge
  module Planning
    # Fills what a strip has left with pieces that are still wanted: beside its segments and above what lies in them, the
    # largest first.
    class Filling
      # @param ways [Ways]
      def initialize(ways)
        @room = ways.room
        @ways = ways.all.sort_by { |way| [-way.area, -way.across] }
      end

      # @param strip [Strip]
      # @param left [Array<Integer>] by kind; what is laid is taken off
      # @return [Strip]
      def call(strip, left)
        segments = strip.segments.map { |segment| stacked(segment, strip.width, left) }
        rest = @room - strip.length
        while (way = fitting(rest, strip.width, left))
          left[way.kind] -= 1
          segments << stacked(Segment.of([way]), strip.width, left)
          rest -= way.along
        end
        strip.with(segments: segments)
      end

      private

      def fitting(along, across, left)
        @ways.find { |way| left[way.kind].positive? && way.along <= along && way.across <= across }
      end

      def stacked(segment, width, left)
        rest = width - segment.across
        pieces = segment.pieces.dup
        while (way = fitting(segment.length, rest, left))
          left[way.kind] -= 1
          pieces << way
          rest -= way.across
        end
        Segment.of(pieces)
      end
    end
  end
end
