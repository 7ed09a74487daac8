# frozen_string_literal: true

module OakenGauge
  module Planning
    # A piece longer than the fabric is wide is joined on the diagonal from strips, each join costing its width.
    #
    # @example A border of 3½ × 60½ from 40 wide: a whole strip, and 24 more, of which the join takes 3½
    #   Joining.new(border, 40r).kinds(lengthwise: false).map(&:size)   # => [[(7/2), 40], [(7/2), 24]]
    class Joining
      # @param kind [Kind]
      # @param room [Rational, nil] inches along a strip; nil where there is no bolt
      def initialize(kind, room)
        @kind = kind
        @room = room
      end

      # Along the length of the bolt it needs no join.
      # @param lengthwise [Boolean] whether there is length enough
      # @return [Array<Kind>] itself, or the strips that it is joined from
      def kinds(lengthwise:)
        return [@kind] unless joined? && !(lengthwise && turned?)

        [[@room, whole * @kind.count], [rest, rest.positive? ? @kind.count : 0]].reject { |_, count| count.zero? }.map do |length, count|
          Kind.new(**@kind.to_h, size: [width, length], count: count, turn: false, shape: :run)
        end
      end

      # @return [Boolean] whether strips can be joined into it, that lie as its print has to
      def joined?
        too_long? && (@kind.turn || @kind.size.last == @kind.size.max)
      end

      private

      def too_long?
        !@room.nil? && @kind.size.max > @room && width < @room
      end

      # Whether it may lie along the bolt.
      def turned?
        @kind.ways.any? { |_, along| along <= @room }
      end

      def width
        @kind.size.min
      end

      def whole
        ((@kind.size.max - width) / (@room - width)).floor
      end

      # What is missing behind so many whole strips, with what the join takes.
      def rest
        missing = @kind.size.max - ((whole * @room) - ((whole - 1) * width))
        missing.positive? ? missing + width : 0r
      end
    end
  end
end
