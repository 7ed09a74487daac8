# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Where the patches of a unit lie in a block: the unit is drawn upright by itself, mirrored or not, then turned clockwise by
    # quarter turns, then put where its upper left corner belongs. Downwards from the block's upper left corner.
    module Lying
      class << self
        # @param unit [Units::Unit]
        # @param fabrics [Hash{Symbol => String}] by seat; a second light or dark is the first where it is not told
        # @param turn [Integer]
        # @param mirror [Boolean]
        # @param corner [Array(Numeric, Numeric)]
        # @return [Array<Array(String, Array<Array(Numeric, Numeric)>)>] of each patch its fabric and its corners
        def outlines(unit, fabrics, turn:, mirror:, corner:)
          unit.patches.zip(unit.seats).map do |patch, seat|
            fabric = fabrics.fetch(seat) { fabrics[seat.to_s.delete_suffix("_2").to_sym] }
            [fabric, patch.outline.corners.map { |x, y| place(unit.side_lengths, x, y, turn, mirror).zip(corner).map(&:sum) }]
          end
        end

        private

        def place((height, width), across, upward, turn, mirror)
          across = width - across if mirror
          down = height - upward
          turn.times do
            across, down = height - down, across
            height, width = width, height
          end
          [across, down]
        end
      end
    end
  end
end
