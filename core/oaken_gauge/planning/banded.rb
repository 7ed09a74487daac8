# frozen_string_literal: true

module OakenGauge
  module Planning
    # Pieces longer than the fabric is wide lie along the bolt, in bands as high as they are long. What a band has left beside
    # them other pieces are cut from first ({Rests}), and only the rest of these from strips.
    # The same to ask as {Cutting}.
    #
    # @example Two borders of 3½ × 60½ leave 33 × 60½ of the band, which holds 96 squares of 4 and more
    #   Banded.best(kinds, 40r, effort: 3).length   # => (121/2), where strips of their own would take 40 more
    class Banded
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
        @strips ||= rests.strips + (after ? told(after, left) : [])
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

      def rests
        @rests ||= Rests.new(told(band, @long), @kinds.values_at(*@others), @room, @others)
      end

      # Which kinds are still wanted, and how they are cut.
      def left
        @left ||= rests.left.map { |kind| @others.find { |i| @kinds[i].to_h.except(:count) == kind.to_h.except(:count) } }
      end

      def after
        @after ||= Cutting.new(rests.left, @room, effort: @effort) unless left.empty?
      end
    end
  end
end
