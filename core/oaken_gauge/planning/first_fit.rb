# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces by falling width, each on the first strip with room: what is done by hand, and what no plan may be worse
    # than. Whole rows are counted, not laid one by one.
    class FirstFit
      # @param ways [Ways]
      # @param counts [Array<Integer>] how many of each kind
      def initialize(ways, counts = ways.kinds.map(&:count))
        @ways = ways
        @room = ways.room
        @counts = counts
      end

      # @return [Array<Strip>]
      def strips
        @strips ||= narrowest.each_with_object([]) { |way, strips| strips.concat(fresh(way, place(strips, way))) }
      end

      # @return [Rational] inches of fabric
      def length
        strips.sum(0r, &:takes)
      end

      private

      # The narrow way across, where it fits along; the widest of them first.
      def narrowest
        @ways.by_kind.map(&:first).sort_by { |way| [-way.across, -way.along, way.kind] }
      end

      # @return [Integer] how many found no place; the strips are filled in place
      def place(strips, way)
        left = @counts[way.kind]
        filled = strips.flat_map do |strip|
          parts = shares(strip, way, left)
          left -= parts.sum { |times, count| times * count }
          parts.map { |times, count| longer(strip, way, count).with(times: times) }
        end
        strips.replace(filled)
        left
      end

      # Of so many alike: those that are filled, one that is filled in part, those that stay as they are.
      def shares(strip, way, left)
        each = way.across <= strip.width ? ((@room - strip.length) / way.along).floor : 0
        each.zero? || left.zero? ? [[strip.times, 0]] : portions(strip.times, each, left)
      end

      def portions(times, each, left)
        full = [left / each, times].min
        part = full < times && (left % each).positive? ? 1 : 0
        [[full, each], [part, left % each], [times - full - part, 0]].reject { |number, _| number.zero? }
      end

      def longer(strip, way, count)
        strip.with(segments: strip.segments + ([Segment.of([way])] * count))
      end

      def fresh(way, left)
        each = (@room / way.along).floor
        full, part = left.divmod(each)
        empty = Strip.new(width: way.across, segments: [])
        parts = [[full, each], [1, part]].reject { |counts| counts.any?(&:zero?) }
        parts.map { |times, count| longer(empty, way, count).with(times: times) }
      end
    end
  end
end
