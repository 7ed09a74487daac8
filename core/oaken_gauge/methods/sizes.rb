# frozen_string_literal: true

module OakenGauge
  module Methods
    # Sizes and counts that several methods ask for.
    module Sizes
      # Lines across a square that is cut in eight, in parts of its sides.
      EIGHTHS = [*Patches::Shape::BOTH_DIAGONALS, [[0.5, 0], [0.5, 1]], [[0, 0.5], [1, 0.5]]].freeze
      # The coarsest line that a size is read by, inches.
      EIGHTH = 1/8r
      DIAGONAL = Patches::Shape::DIAGONAL
      BOTH_DIAGONALS = Patches::Shape::BOTH_DIAGONALS

      # @param role [Symbol]
      # @return [Patches::Shape] the shape that all patches of a fabric share
      def shape(role = unit.class.roles.first)
        unit.patches_of(role).first.shape
      end

      # @return [Array(Numeric, Numeric)] exact sides of the square that gives two half-square patches
      #   of a finished leg
      def half_square_piece(leg)
        Patches::HalfSquare.new(leg).piece_size(seam)
      end

      # @return [Array(Numeric, Numeric)] exact sides of the square that gives four quarter-square
      #   patches of a finished long side
      def quarter_square_piece(long_side)
        Patches::QuarterSquare.new(long_side).piece_size(seam)
      end

      # @return [Array(Numeric, Numeric)] exact sides of a rectangle with its allowances
      def rectangle_piece(height, width = height)
        [height + (2 * seam), width + (2 * seam)]
      end

      # Two squares sewn either side of a diagonal, cut on it and opened, are √2 seams smaller.
      # @return [Array(Float, Float)] inches
      def opened_square(role)
        [cut_side(role) - (SQRT2 * (seam + deeper))] * 2
      end

      # A piece, rounded as a whole cut edge up to the next line of the grid.
      # @return [Layout::Piece]
      def piece(role, exact, count, then_do: nil, marks: [])
        charted = charted_square(role, exact)
        size = charted ? [charted] * 2 : exact.map { |side| task.grid.ceil(side) }
        Layout::Piece.new(role: role, exact: exact, size: size, count: count, then_do: then_do, marks: marks)
      end

      # Shapes tiled along strips, whichever way of lying takes least fabric.
      # @return [Layout::Run]
      def run(role, shape, count, outlines:, layers: 1, width: nil, **how)
        ways = outlines.map do |outline|
          strip = width || charted_strip(role, outline.height) || task.grid.ceil(outline.height)
          { exact: outline.height, width: strip, outline: outline }
        end
        Layout::Run.new(role: role, ways: ways, count: count, layers: layers, each: 1,
then_do: shape.kind == :shape ? :cut_shapes : :cut_triangles, **how)
      end

      # The corners of a ring are cut large and squared up where the unit or the maker says so, or as large as the ruler of the
      # wedges prints, unless she cuts exact.
      # @return [Numeric] what pieces of a fabric are cut larger by, inches
      def unit_oversize(role)
        return 0r unless unit.is_a?(Units::WedgeRing) && role == :corners
        return Units::WedgeRing::LARGE_BY if unit.large_corners? || task.maker.corners == :large

        printed = corner_square if task.maker.corners == :ruler
        printed ? [printed - shape(role).piece_size(seam).max, 0r].max : 0r
      end

      # @return [Rational, nil] the square for two corners that is printed on the ruler of the wedges, inches
      def corner_square
        nil
      end

      # @return [Rational] the longest side of the pieces as cut for a fabric
      def cut_side(role = unit.class.roles.first)
        cuts.select { |cut| cut.role == role }.flat_map(&:size).max
      end

      # @return [Rational] what trimmed pieces are cut larger by, inches
      def margin
        task.margin
      end
    end
  end
end
