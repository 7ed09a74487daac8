# frozen_string_literal: true

module OakenGauge
  module Quilts
    # Square blocks standing on a corner: so many across and down, as many more between them as fit, and triangles of fabric
    # round the edge, with their grain on the edge of the quilt. Sashing lies on all sides of every block, unless it is not
    # outer: then it lies only where two blocks meet. It runs along slanting rows of blocks.
    class OnPoint < Layout
      # @return [Integer]
      def blocks
        (@across * @down) + ((@across - 1) * (@down - 1))
      end

      # @return [Array<Integer>] how many lie in each level row, those between among them
      def rows
        Array.new((2 * @down) - 1) { |row| row.even? ? @across : @across - 1 }
      end

      # @return [Array(Float, Float)] width and height without borders, inches
      def size
        [@across, @down].map { |count| (outer? ? count * pitch : ((count - 1) * pitch) + @width) * SQRT2 }
      end

      # @return [Boolean] whether sashing lies on the outer sides of the blocks too
      def outer?
        @sash.nil? || @setting.outer != false
      end

      # @return [Array<Array(Float, Float)>] the middle of each block, level row by level row, inches from the upper left corner
      def middles
        rows.each_with_index.flat_map do |count, row|
          Array.new(count) { |column| [edge + ((column + (row.odd? ? 0.5 : 0)) * step), edge + (row * step / 2)] }
        end
      end

      # @return [Integer] degrees that blocks are turned by
      def turned
        45
      end

      # @return [Array<Array(Symbol, Array)>] what fills the space between blocks: what it is, and its corners. Sashes lie below
      #   cornerstones, and what sticks out beyond the edge is cut off there.
      def filling
        return [] unless @sash

        SlantingSashes.new(middles, block: @width, sash: @sash, outer: outer?).all(@setting.cornerstones ? :cornerstone : :sash)
      end

      # @return [Array<Between>]
      def between_blocks
        return [] unless @sash

        needed(@setting.cornerstones ? short + stones : short + long)
      end

      # @return [Hash{Symbol => Triangles}]
      def triangles
        { side: Triangles.new(side: (outer? ? @width : pitch) * SQRT2, grain: :long_side, count: 2 * (@across + @down - 2), per_square: 4),
          corner: Triangles.new(side: @width / SQRT2, grain: :legs, count: 4, per_square: 2) }
      end

      private

      # From one block to the next beside it, and from the edge of the quilt to the first middle.
      def step
        pitch * SQRT2
      end

      def edge
        (outer? ? pitch : @width) / SQRT2
      end

      def pitch
        @width + (@sash || 0)
      end

      # With cornerstones all are short; without, half of them, and the long ones are what lies across.
      def short
        all = outer? ? 4 * @across * @down : 4 * (@across - 1) * (@down - 1)
        [between(:sash, @sash, @width, @setting.cornerstones ? all : all / 2)]
      end

      def stones
        return [between(:cornerstone, @sash, @sash, inner_stones)] unless outer?

        [between(:cornerstone, @sash, @sash, (2 * @across * @down) - @across - @down),
         between(:half_cornerstone, @sash * SQRT2, @sash * SQRT2, 2 * (@across + @down))]
      end

      def inner_stones
        ((@across - 1) * (@down - 2)) + ((@across - 2) * (@down - 1))
      end

      # Outer ones run from edge to edge of the quilt, along their middle, and end in a point there.
      def long
        beside.tally.map do |ends, count|
          if outer?
            between(:long_sash, @sash, ends * pitch, count, ends: :mitred, over: @sash)
          else
            between(:long_sash, @sash, (ends * @width) + ((ends - 1) * @sash), count)
          end
        end
      end

      # How many block ends each long sash lies beside: those of the longer of the two rows, or of the shorter where it is not
      # outer. Two rows of a length are shifted by half a block, so one more or one less.
      def beside
        rows = slanting
        pairs = outer? ? [0, *rows].zip([*rows, 0]) : rows.each_cons(2)
        pairs.map do |one, other|
          if one == other
            one + (outer? ? 1 : -1)
          else
            [one, other].public_send(outer? ? :max : :min)
          end
        end
      end

      # How many blocks lie in each slanting row: 1, 3, 5 … to the shorter side, as long as it goes, and back.
      def slanting
        least, most = [@across, @down].minmax
        rising = (1...least).map { |row| (2 * row) - 1 }
        rising + ([(2 * least) - 1] * (most - least + 1)) + rising.reverse
      end
    end
  end
end
