# frozen_string_literal: true

module OakenGauge
  module Quilts
    # Blocks in columns and rows, with or without sashing between them, and round them where it is outer too.
    class Straight < Layout
      # @return [Integer]
      def blocks
        @across * @down
      end

      # @return [Array<Integer>] how many lie in each row
      def rows
        [@across] * @down
      end

      # @return [Array(Rational, Rational)] width and height without borders, inches
      def size
        [along(@width, @across), along(@height, @down)]
      end

      # @return [Array<Array(Numeric, Numeric)>] the middle of each block, row by row, inches from the upper left corner
      def middles
        @down.times.flat_map { |row| Array.new(@across) { |column| [middle(column, @width), middle(row, @height)] } }
      end

      # @return [Integer] degrees that blocks are turned by
      def turned
        0
      end

      # @return [Array<Array(Symbol, Array)>] what fills the space between blocks: what it is, and its corners. Sashes lie below
      #   cornerstones.
      def filling
        return [] unless @sash

        all = [[:sash, box(0, 0, *size)]]
        @setting.cornerstones ? all + stones : all
      end

      # @return [Array<Between>]
      def between_blocks
        return [] unless @sash

        needed(@setting.cornerstones ? with_cornerstones : without_cornerstones)
      end

      private

      # How many more sashes than blocks there are along a row.
      def more
        @setting.outer ? 1 : -1
      end

      def along(side, count)
        (count * side) + (@sash ? (count + more) * @sash : 0)
      end

      def outer
        @setting.outer && @sash ? @sash : 0
      end

      def middle(place, side)
        outer + (place * (side + (@sash || 0))) + (side/2r)
      end

      def stones
        columns, rows = [[@across, @width], [@down, @height]].map { |count, side| corners(count, side) }
        columns.product(rows).map { |x, y| [:cornerstone, box(x, y, @sash, @sash)] }
      end

      # Where sashes cross.
      def corners(count, side)
        first = @setting.outer ? 0 : 1
        Array.new(count + more) { |place| outer + ((place + first) * (side + @sash)) - @sash }
      end

      def box(left, top, width, height)
        [[left, top], [left + width, top], [left + width, top + height], [left, top + height]]
      end

      def with_cornerstones
        [between(:sash, @sash, @height, (@across + more) * @down), between(:sash, @sash, @width, @across * (@down + more)),
         between(:cornerstone, @sash, @sash, (@across + more) * (@down + more))]
      end

      # Short ones within the rows, long ones between them.
      def without_cornerstones
        [between(:sash, @sash, @height, (@across + more) * @down), between(:long_sash, @sash, size.first, @down + more)]
      end
    end
  end
end
