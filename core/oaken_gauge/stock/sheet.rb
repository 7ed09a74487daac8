# frozen_string_literal: true

module OakenGauge
  module Stock
    # One strip, precut or blank to scale, and how many are cut just like it.
    #
    # - size: [height, width] inches
    # - drawing: Proc to the [Polygon]s of the shapes on it; they are only worked out to be drawn
    # - lines: Proc to the lines across them, or nil
    # - offcut: [left, low, width, height] or nil
    Sheet = Struct.new(:size, :repeats, :drawing, :lines, :offcut, keyword_init: true) do
      # @return [Array<Polygon>]
      def outlines
        drawing.call
      end

      # @return [Array<Array>] pairs of points
      def marks
        lines ? lines.call : []
      end
    end
  end
end
