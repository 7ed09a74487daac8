# frozen_string_literal: true

module OakenGauge
  module Quilts
    # A piece that is larger than its fabric is wide, both ways: where nobody minds a seam in it, it is sewn together from panels that run
    # along the fabric, side by side.
    #
    # @example A setting square of 40 7/8, from fabric 40 wide: two panels of 20 3/4 by 40 7/8
    #   Piecing.new(square, 40r, 1/4r, Layout::EIGHTHS).panels   # => 2
    class Piecing
      # Where a seam may run.
      MAY = %i[sash long_sash border side corner].freeze

      # @param piece [CutPiece]
      # @param width [Rational] usable width of its fabric, inches
      # @param seam [Rational] inches
      # @param grid [Grid] that cut sizes round up to
      def initialize(piece, width, seam, grid)
        @grid = grid
        @piece = piece
        @width = width
        @seam = seam
      end

      # @return [Boolean] whether it is cut in one, or joined from strips
      def whole?
        @piece.size.min <= @width
      end

      # @return [Boolean] whether it is neither
      def refused?
        !whole? && (!MAY.include?(@piece.what) || @width <= 2 * @seam)
      end

      # @return [Integer]
      def panels
        ((short - (2 * @seam)) / (@width - (2 * @seam))).ceil
      end

      # @return [Array(Rational, Rational)] of a panel, along the fabric and across it, inches as cut
      def size
        [@piece.size.max, @grid.ceil((short + (2 * @seam * (panels - 1))) / panels)]
      end

      # @return [CutPiece] the panels in its place
      def piece
        CutPiece.new(**@piece.to_h, size: size, count: @piece.count * panels, then_do: nil)
      end

      # @return [Rational] inches, how wide fabric has to be for it to be cut in one
      def needs
        short
      end

      private

      def short
        @piece.size.min
      end
    end
  end
end
