# frozen_string_literal: true

module OakenGauge
  module Layout
    # The sides of the least that is, inches: 1½ by 2.
    WORTH_KEEPING = [1.5, 2.0].map { |side| side - Plane::SAME }.freeze
    # What is of use in another project is as wide as the one, or as the strip it is the rest of, and as long as the other, inches.
    OF_USE = [2.5, 10.0].map { |side| side - Plane::SAME }.freeze
    private_constant :WORTH_KEEPING
    private_constant :OF_USE

    # A rectangle of a sheet that is still whole. Cuts run from edge to edge of one, and leave smaller ones.
    #
    # - x, y: where its lower left corner lies on the sheet, inches along and across
    # - long, wide: how far it goes along and across, inches
    Space = Struct.new(:x, :y, :long, :wide, keyword_init: true) do
      # @return [Boolean] whether a rectangle is worth a place on the shelf
      def self.worth_keeping?(one_side, other_side)
        shorter, longer = one_side < other_side ? [one_side, other_side] : [other_side, one_side]
        shorter >= WORTH_KEEPING.first && longer >= WORTH_KEEPING.last
      end

      # @return [Boolean]
      def worth_keeping?
        Space.worth_keeping?(long, wide)
      end

      # @param strip [Numeric] how wide the sheet or strip is that it is a part of, inches
      # @return [Boolean] whether another project has a use for it, so that nothing was opened for little
      def of_use?(strip)
        shorter, longer = [long, wide].minmax
        shorter >= [OF_USE.first, strip - Plane::SAME].min && longer >= OF_USE.last
      end

      # @return [Numeric] square inches
      def area
        long * wide
      end

      # What a block of rows in its lower left corner leaves: above it, and beside it. The first cut runs along the
      # whole space or across all of it.
      #
      # @param along [Numeric] how far the block goes along, inches
      # @param across [Numeric]
      # @param first [Symbol] :along or :across
      # @return [Array<Space>] those with anything in them
      def split(along, across, first)
        above_long, beside_wide = first == :along ? [long, across] : [along, wide]
        [[0, across, above_long, wide - across], [along, 0, long - along, beside_wide]]
          .filter_map { |*place, its_long, its_wide| part(*place, its_long, its_wide) if [its_long, its_wide].min > Plane::SAME }
      end

      # The way round that frees the larger rectangle first.
      # @return [Symbol]
      def better_split(along, across)
        long * (wide - across) >= (long - along) * wide ? :along : :across
      end

      # @return [Space] a part of it
      def part(right, upward, its_long, its_wide)
        Space.new(x: x + right, y: y + upward, long: its_long, wide: its_wide)
      end
    end
  end
end
