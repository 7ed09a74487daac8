# frozen_string_literal: true

module OakenGauge
  module Quilts
    # Where sashes lie between blocks that stand on a corner, and what lies where they cross.
    class SlantingSashes
      LEVEL = [[1, 0], [-1, 0], [0, 1], [0, -1]].freeze
      SLANTING = [[1, 1], [1, -1], [-1, 1], [-1, -1]].freeze

      # @param middles [Array<Array(Float, Float)>] of the blocks, inches
      # @param block [Rational] finished side, inches
      # @param sash [Rational] finished width, inches
      # @param outer [Boolean] whether sashes lie on the outer sides of the blocks too
      def initialize(middles, block:, sash:, outer:)
        @middles = middles
        @block = block
        @sash = sash
        @outer = outer
        # Half of what lies between two blocks on a level.
        @half = (block + sash) / SQRT2
        @known = middles.to_set { |middle| near(middle) }
      end

      # @param crossing [Symbol] what lies where sashes cross
      # @return [Array<Array(Symbol, Array)>] what it is, and its corners
      def all(crossing)
        sashes.map { |middle, way| [:sash, lengthwise(middle, way)] } + crossings.map { |point| [crossing, diamond(point)] }
      end

      private

      # The middle of each sash, and which way it lies from a block: on every side of it, or where there is another block.
      def sashes
        sides = @middles.product(SLANTING).select { |middle, way| @outer || block?(beyond(middle, way, @half)) }
        sides.map { |middle, way| [beyond(middle, way, @half / 2), way] }.uniq { |middle, _| near(middle) }
      end

      # At all corners of the blocks and their sashes, or at those that four blocks lie round.
      def crossings
        corners = @middles.product(LEVEL).map { |middle, way| beyond(middle, way, @half) }.uniq { |corner| near(corner) }
        @outer ? corners : corners.select { |corner| LEVEL.all? { |way| block?(beyond(corner, way, @half)) } }
      end

      def beyond(point, way, distance)
        point.zip(way).map { |one, more| one + (more * distance) }
      end

      def block?(point)
        @known.include?(near(point))
      end

      def near(point)
        point.map { |one| one.round(6) }
      end

      # As long as a block is wide.
      def lengthwise(middle, (across, down))
        long = Complex(-down, across) / SQRT2 * @block / 2
        wide = Complex(across, down) / SQRT2 * @sash / 2
        [long + wide, long - wide, -long - wide, -long + wide].map { |corner| (Complex(*middle) + corner).rect }
      end

      def diamond(point)
        [[0, -1], [1, 0], [0, 1], [-1, 0]].map { |way| beyond(point, way, @sash / SQRT2) }
      end
    end
  end
end
