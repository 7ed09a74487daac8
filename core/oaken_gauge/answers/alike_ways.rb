# frozen_string_literal: true

module OakenGauge
  module Answers
    # Ways to take a block apart that a glance cannot tell apart: of the same units in the same fabrics, which lie elsewhere.
    class AlikeWays
      # So many kinds of unit are told with where they lie; of more it is plainer to look.
      MOST = 2
      THIRDS = [0...(1/3r), (1/3r)..(2/3r), ((2/3r)..1)].freeze
      private_constant :THIRDS

      # @param ways [Array<Blocks::Way>] best first
      # @param picture [Blocks::Picture]
      def initialize(ways, picture)
        @ways = ways
        @picture = picture
        @firsts = {}
        ways.each { |way| @firsts[units(way)] ||= way }
      end

      # @param way [Blocks::Way] one of them
      # @return [Hash, nil] "first", the place of the one it is like, "pieces", the places of those of its own that lie elsewhere, and
      #   "say"; nil for the first of its like
      def of(way)
        first = @firsts.fetch(units(way))
        return if first.equal?(way)

        moved = way.pieces - first.pieces
        { "first" => @ways.index(first), "pieces" => moved.map { |piece| way.pieces.index(piece) }, "say" => say(moved) }
      end

      private

      def units(way)
        way.pieces.map(&:same).tally
      end

      def say(moved)
        kinds = moved.group_by { |piece| piece.unit.class }
        return "#{moved.size} of its units lie elsewhere." if kinds.size > MOST || kinds.empty?

        told = kinds.map { |kind, pieces| "#{Saying.many(pieces.size, kind.title, kind.plural)} #{where(pieces)}" }
        "Here #{Saying.list(told)}."
      end

      # From the middle of them all.
      def where(pieces)
        across = place(pieces, 0, @picture.columns, %w[left middle right])
        down = place(pieces, 1, @picture.rows, %w[upper middle lower])
        return "in the middle" if [across, down] == %w[middle middle]
        return "on the #{across}" if down == "middle"
        return "in the #{down} part" if across == "middle"

        "on the #{down} #{across}"
      end

      def place(pieces, axis, cells, words)
        middle = pieces.sum { |piece| piece.at[axis] + (piece.span[axis]/2r) } / pieces.size / cells
        words[THIRDS.index { |third| third.cover?(middle) }]
      end
    end
  end
end
