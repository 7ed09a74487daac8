# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A block at another size, all of it alike larger or smaller.
    module Sized
      # @param block [Block]
      # @param width [Rational] finished, inches
      # @return [Block]
      def self.at(block, width)
        factor = width / block.columns.sum
        block.with(columns: block.columns.map { |side| side * factor }, rows: block.rows.map { |side| side * factor },
                   pieces: block.pieces.map { |piece| piece(piece, factor) })
      end

      def self.piece(piece, factor)
        piece.with(corner: piece.corner && (piece.corner * factor), outline: piece.outline&.scale(factor))
      end
      private_class_method :piece
    end
  end
end
