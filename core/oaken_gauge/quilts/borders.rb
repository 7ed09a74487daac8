# frozen_string_literal: true

module OakenGauge
  module Quilts
    # Borders, from the inside out. Butted ones go on at the sides first, then at top and bottom; mitred ones meet at 45° in the
    # corners.
    class Borders
      # How much longer than its long side a mitred strip is cut, in seam allowances.
      MITRE = 2 + (2 * SQRT2)

      # @param borders [Array<Blocks::Setting::Border>]
      # @param size [Array(Numeric, Numeric)] width and height of what is inside, inches
      # @param seam [Rational] inches
      # @param grid [Grid] that cut sizes round up to
      def initialize(borders, size, seam, grid)
        @seam = seam
        @grid = grid
        @outside = size
        @pieces = borders.flat_map { |border| add(border) }
      end

      # @return [Array(Numeric, Numeric)] width and height with all borders, inches
      attr_reader :outside
      # @return [Array<CutPiece>]
      attr_reader :pieces

      private

      def add(border)
        width, height = @outside
        more = 2 * border.width
        @outside = [width + more, height + more]
        lengths = border.corners == :butted ? [height + allowance, width + more + allowance] : mitred(height, width, more)
        lengths.tally.map { |length, times| piece(border, length, 2 * times) }
      end

      def mitred(height, width, more)
        [height, width].map { |side| side + more + (MITRE * @seam) }
      end

      def allowance
        2 * @seam
      end

      def piece(border, length, count)
        size = [border.width + allowance, length].map { |side| @grid.ceil(side) }
        CutPiece.new(what: :border, fabric: border.fabric, size: size, count: count, ends: border.corners == :butted ? :square : :mitred)
      end
    end
  end
end
