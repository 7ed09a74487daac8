# frozen_string_literal: true

module OakenGauge
  module Cutters
    # From squares and rectangles, with a rotary cutter along a straight ruler.
    class Rotary < Cutter
      def self.suits?(shape)
        shape.rotary?
      end

      # @return [Stock::Piece] as many squares or rectangles as give the patches
      def cut(role, count)
        method.piece(role, shape.piece_size(seam).map { |side| side + method.unit_oversize(role) }, pieces(count),
                     then_do: shape.piece_then, marks: shape.piece_marks)
      end

      # @return [Integer] what the last square gives too many
      def spare(_role, count)
        (pieces(count) * shape.per_piece) - count
      end

      # @return [Array<Tools::Setting>]
      def settings
        size = shape.piece_size(seam).map { |side| task.grid.ceil(side) }
        Rulers.new(method).settings(size, diagonal: shape.per_piece > 1)
      end

      # @return [Construction::CutPatch]
      def cut_patch(role, hand)
        from_square((@pieces ||= {})[role] ||= cut(role, 1), hand)
      end

      # @return [Boolean]
      def large?(role)
        method.unit_oversize(role).positive?
      end

      private

      def pieces(count)
        (count / shape.per_piece.to_r).ceil
      end
    end
  end
end
