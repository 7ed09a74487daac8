# frozen_string_literal: true

module OakenGauge
  module Quilts
    # How blocks are set: how many there are, how large that makes the quilt without its borders, what lies between them.
    #
    # @abstract A layout gives {#blocks}, {#size}, {#between} and {#triangles}.
    class Layout
      # What cut sizes are rounded up to.
      EIGHTHS = Grid.new(1/8r)
      MILLIMETRES = Grid.new(5/127r)

      # A strip or square between blocks. - what: Symbol; - size: finished [across, along], inches; - count; - ends
      # - over: inches that it is cut longer for its ends, beside the allowance
      Between = Struct.new(:what, :size, :count, :ends, :over, keyword_init: true)
      # Triangles at the edge. - side: finished side that they are named by, inches; - grain; - count; - per_square
      Triangles = Struct.new(:side, :grain, :count, :per_square, keyword_init: true) do
        # @param seam [Rational] inches
        # @param grid [Grid]
        # @return [Rational] side of the squares they are cut from, inches
        def square(seam, grid)
          grid.ceil(side + ((per_square == 4 ? 2 + (2 * SQRT2) : 2 + SQRT2) * seam))
        end

        # @return [Integer]
        def squares
          count.fdiv(per_square).ceil
        end
      end

      # @param measure [Symbol]
      # @return [Grid] what cut sizes are rounded up to
      def self.grid(measure)
        measure == :inch ? EIGHTHS : MILLIMETRES
      end

      # @param setting [Blocks::Setting]
      # @return [Integer] blocks across and down, at the least: sashing on point that is not outside lies between two
      def self.least(setting)
        setting.layout == :on_point && setting.sashing && setting.outer == false ? 2 : 1
      end

      # @param setting [Blocks::Setting]
      # @param block [Array(Rational, Rational)] finished width and height, inches
      # @return [Layout]
      def self.of(setting, block)
        (setting.layout == :straight ? Straight : OnPoint).new(setting, block)
      end

      # @param setting [Blocks::Setting]
      # @param block [Array(Rational, Rational)] finished width and height, inches
      def initialize(setting, block)
        @setting = setting
        @width, @height = block
        @across = setting.across
        @down = setting.down
        @sash = setting.sashing
      end

      # @return [Hash{Symbol => Triangles}] none in a straight setting
      def triangles
        {}
      end

      private

      def between(what, across, along, count, ends: :square, over: 0)
        Between.new(what: what, size: [across, along], count: count, ends: ends, over: over)
      end

      def needed(list)
        list.select { |one| one.count.positive? }
      end
    end
  end
end
