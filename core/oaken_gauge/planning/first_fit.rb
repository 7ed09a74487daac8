# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces by falling width, each on the first strip with room: what is done by hand, and what no plan may be worse
    # than.
    class FirstFit
      # @param kinds [Array<Kind>]
      # @param room [Rational] inches along a strip
      # @param counts [Array<Integer>] how many of each
      def initialize(kinds, room, counts = kinds.map(&:count))
        @kinds = kinds
        @room = room
        @counts = counts
      end

      # @return [Array<Strip>]
      def strips
        @strips ||= by_width.each_with_object([]) do |kind, strips|
          across, along = lying(kind)
          @counts[kind].times { place(strips, kind, across, along) }
        end
      end

      # @return [Rational] inches of fabric
      def length
        strips.sum(0r, &:width)
      end

      private

      def by_width
        @kinds.each_index.sort_by { |kind| lying(kind).map(&:-@) }
      end

      # The narrow way across, where it fits along.
      def lying(kind)
        @kinds[kind].ways.select { |_, along| along <= @room }.min_by(&:first)
      end

      def place(strips, kind, across, along)
        strip = strips.find { |one| one.width >= across && one.length + along <= @room }
        strips << (strip = Strip.new(width: across, segments: [])) unless strip
        strip.segments << Segment.new(length: along, pieces: [[kind, across]])
      end
    end
  end
end
