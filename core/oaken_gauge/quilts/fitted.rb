# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What is cut for a quilt beside its units, held against how wide its fabric is: in one, or joined from strips; sewn from panels; or
    # not to be had of it.
    class Fitted
      # @param pieces [Array<CutPiece>]
      # @param seam [Rational] inches
      # @param grid [Grid] that cut sizes round up to
      # @yield [fabric] its name
      # @yieldreturn [Rational] its usable width, inches
      def initialize(pieces, seam, grid, &width)
        @pieces = pieces
        @seam = seam
        @grid = grid
        @width = width
      end

      # @return [Array<CutPiece>] for which no fabric was chosen
      def without_fabric
        @pieces.reject(&:fabric)
      end

      # @return [Array<CutPiece>] as they are cut
      def cut
        piecings.reject { |_, piecing| piecing.refused? }.map { |piece, piecing| piecing.whole? ? piece : piecing.piece }
      end

      # @return [Array<Array(CutPiece, Piecing)>] what is sewn together from panels
      def pieced
        piecings.reject { |_, piecing| piecing.whole? || piecing.refused? }
      end

      # @return [Array<Array(CutPiece, Piecing)>] what is too wide
      def refused
        piecings.select { |_, piecing| piecing.refused? }
      end

      private

      def piecings
        @piecings ||= @pieces.select(&:fabric).map { |piece| [piece, Piecing.new(piece, @width.call(piece.fabric), @seam, @grid)] }
      end
    end
  end
end
