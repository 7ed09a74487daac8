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
