# frozen_string_literal: true

module OakenGauge
  module Methods
    # Sizes and counts that several methods ask for.
    module Cutting
      # Lines across a square, in parts of its sides, for drawings.
      DIAGONAL = [[[0, 0], [1, 1]]].freeze
      BOTH_DIAGONALS = [[[0, 0], [1, 1]], [[0, 1], [1, 0]]].freeze
      EIGHTHS = [*BOTH_DIAGONALS, [[0.5, 0], [0.5, 1]], [[0, 0.5], [1, 0.5]]].freeze

      # @param role [Symbol]
      # @return [Patches::Shape] the shape that all patches of a fabric share
      def shape(role = unit.class.roles.first)
        unit.patches_of(role).first.shape
      end

      # @return [Array(Numeric, Numeric)] exact height and width of the piece a patch is cut from
      def patch_piece(role = unit.class.roles.first)
        shape(role).piece_size(seam)
      end

      # A piece, rounded as a whole cut edge up to the next line of the grid.
      # @return [Stock::Piece]
      def piece(role, exact, count, then_do: nil, marks: [])
        Stock::Piece.new(role: role, exact: exact, size: exact.map { |side| task.grid.ceil(side) }, count: count,
                         then_do: then_do, marks: marks)
      end

      # @return [Integer] patches of a fabric that the demand needs
      def patches_needed(role)
        unit.count * unit.patches_of(role).size
      end

      # @return [Integer] strips that have to be cut to their width
      def strips_to_cut
        allocations.sum { |cut, taken| strip_cut?(cut) ? taken.taken : 0 }
      end

      # @return [Integer] strips taken, cut or bought so
      def strips_taken
        allocations.sum { |cut, taken| cut.is_a?(Stock::Blank) ? 0 : taken.taken }
      end

      # @return [Rational, nil] the width of the strips cut first
      def strip_size
        allocations.values.flat_map(&:strips).first&.first
      end

      # @return [Rational] the longest side of the pieces as cut
      def cut_side
        cuts.flat_map(&:size).max
      end

      # @return [Integer] pieces cut, all fabrics together
      def pieces_cut
        cuts.sum(&:count)
      end

      private

      def strip_cut?(cut)
        !cut.is_a?(Stock::Blank) && task.fabric(cut.role).cut_to_width?(allocations[cut].strips.first&.first || 0)
      end
    end
  end
end
