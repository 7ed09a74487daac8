# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # A rectangle of a sheet that is still whole. Cuts run from edge to edge of one, and leave smaller ones.
      #
      # - sheet: Integer, which sheet
      # - x, y: where its lower left corner lies on it, inches along and across
      # - long, wide: how far it goes along and across, inches
      Space = Struct.new(:sheet, :x, :y, :long, :wide, keyword_init: true) do
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
          [part(0, across, above_long, wide - across), part(along, 0, long - along, beside_wide)]
            .select { |space| space.long > Plane::SAME && space.wide > Plane::SAME }
        end

        # The way round that frees the larger rectangle first.
        # @return [Symbol]
        def better_split(along, across)
          long * (wide - across) >= (long - along) * wide ? :along : :across
        end

        # @return [Space] a part of it
        def part(right, upward, its_long, its_wide)
          Space.new(sheet: sheet, x: x + right, y: y + upward, long: its_long, wide: its_wide)
        end

        # @return [Boolean] whether it is worth a place on the shelf
        def worth_keeping?
          Offcut.worth_keeping?(long, wide)
        end
      end
    end
  end
end
