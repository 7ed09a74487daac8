# frozen_string_literal: true

module OakenGauge
  module Planning
    # How pieces may lie on strips of one bolt.
    #
    # @example Rectangles of 3½ × 20, from 40 wide
    #   Ways.new(kinds, 40r).all.map { |way| [way.across, way.along] }   # => [[(7/2), 20], [20, (7/2)]]
    class Ways
      # No strip is cut wider, unless a piece is that long across it. Inches.
      WIDEST = 24r

      # One way round. - kind: by number; - across, along: the strip, inches
      Way = Struct.new(:kind, :across, :along) do
        # @return [Rational] square inches
        def area
          across * along
        end
      end

      # @return [Array<Kind>]
      attr_reader :kinds
      # @return [Rational] inches along a strip
      attr_reader :room

      # @param kinds [Array<Kind>] each fits some way, see {Kind#fits?}
      # @param room [Rational]
      # @param most [Rational, nil] inches of the bolt that there are; nil where there is no end to it
      def initialize(kinds, room, most = nil)
        @kinds = kinds
        @room = room
        @most = most
      end

      # @return [Array<Way>] short ones first
      def all
        @all ||= by_kind.flatten.sort_by.with_index { |way, i| [way.along, i] }
      end

      # @return [Array<Array<Way>>] of each kind, that which takes the narrowest strip first
      def by_kind
        @by_kind ||= fitting.map { |ways| ways.select { |way| way.across <= widest } }
      end

      # @return [Rational] the widest strip that is cut, inches
      def widest
        @widest ||= [*@most, widest_needed].min
      end

      private

      def widest_needed
        [WIDEST, *fitting.map { |ways| ways.first.across }].max
      end

      def fitting
        @fitting ||= @kinds.each_with_index.map do |kind, number|
          kind.ways.select { |_, along| along <= @room }.sort.map { |across, along| Way.new(number, across, along) }
        end
      end
    end
  end
end
