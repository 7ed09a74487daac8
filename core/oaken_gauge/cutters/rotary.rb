# frozen_string_literal: true

module OakenGauge
  module Cutters
    # From squares and rectangles, with a rotary cutter along a straight ruler.
    class Rotary < Cutter
      def self.suits?(shape)
        shape.rotary?
      end

      # @return [Layout::Piece] as many squares or rectangles as give the patches
      def cut(role, count)
        method.piece(role, exact(role), pieces(count),
                     then_do: shape.piece_then, marks: shape.piece_marks)
      end

      # @return [Integer] what the last square gives too many
      def spare(_role, count)
        (pieces(count) * shape.per_piece) - count
      end

      # @return [Array<Tools::Setting>]
      def settings
        sizes.flat_map { |size| Settings::Rulers.new(method).settings(size, diagonal: shape.per_piece > 1) }
      end

      # @return [Construction::CutPatch]
      def cut_patch(role, skill)
        from_square((@pieces ||= {})[role] ||= cut(role, 1), skill)
      end

      # @return [Boolean]
      def large?(role)
        method.unit_oversize(role).positive?
      end

      private

      # As its pieces are cut, larger where they are squared up later.
      def sizes
        roles = method.unit.patches.select { |patch| patch.shape == shape }.map(&:role).uniq
        roles.map { |role| exact(role).map { |side| task.grid.ceil(side) } }.uniq
      end

      def exact(role)
        (@exact ||= {})[role] ||= shape.piece_size(seam).map { |side| side + method.unit_oversize(role) }
      end

      def pieces(count)
        count.fdiv(shape.per_piece).ceil
      end
    end
  end
end
