# frozen_string_literal: true

module OakenGauge
  module Layout
    # How a part that has room in a rectangle is cut out of it, by cuts from edge to edge: see {Frames}.
    class Dividing
      # @param frames [Frames]
      def initialize(frames)
        @frames = frames
      end

      # @param counts [Array<Integer>] a part that has room
      # @param space [Space] where it is laid
      # @yield [Space, Array<Integer>] what is cut apart: pieces of one kind in rows, or nothing
      def call(counts, space, &told)
        return told.call(space, counts) if counts.sum.zero? || in_rows?(counts, space)

        part = @frames.parts.number(counts)
        (beside(part, space) || above(part, space)).each { |its, room| call(@frames.parts.all[its], room, &told) }
      end

      private

      def in_rows?(counts, space)
        return false unless counts.count(&:positive?) == 1

        kind = counts.index(&:positive?)
        @frames.ways[kind].any? { |across, along| (space.wide / across).floor * (space.long / along).floor >= counts[kind] }
      end

      # The first part lies at the lower left, and takes no more than it needs.
      def beside(part, space)
        one, taken = first(part, 0, space.wide, space.long)
        return unless one

        [[one, space.part(0, 0, taken, space.wide)], [part - one, space.part(taken, 0, space.long - taken, space.wide)]]
      end

      def above(part, space)
        one, taken = first(part, 1, space.long, space.wide)
        [[one, space.part(0, 0, space.long, taken)], [part - one, space.part(0, taken, space.long, space.wide - taken)]]
      end

      # A part that together with what it leaves has room, and how far it goes, inches.
      def first(part, side, within, room)
        some = @frames.parts_of(part)
        rows = @frames.tables[side][true, @frames.place(side, within)]
        sums = rows[some] + rows[some.map { |one| part - one }]
        best = sums.min_index
        [some[best], rows[some[best]] * @frames.step] if sums[best] <= @frames.steps(room)
      end
    end
  end
end
