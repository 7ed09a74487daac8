# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What goes under and round a quilt: backing, batting, binding.
    class Finishing
      # What binding needs beside the way round: the corners, the raw edge outside the seam, the closing join. Inches.
      ROUND_CORNERS = 12
      # How much batting sticks out on every side, inches.
      BATTING = 4
      # How much the backing sticks out beyond batting that is fused to it, inches.
      BEYOND_GLUE = 2

      # - strips; - length: inches
      Binding = Struct.new(:strips, :length, keyword_init: true)
      # - length: inches of fabric; - panels; - seams; - run: :along or :across the quilt's height; - panel: inches of each
      Backing = Struct.new(:length, :panels, :seams, :run, :panel, keyword_init: true)

      # @param size [Array(Numeric, Numeric)] width and height of the quilt, inches
      # @param seam [Rational] inches
      def initialize(size, seam)
        @size = size
        @seam = seam
      end

      # Strips joined on the diagonal, each join as long as the strip is wide.
      #
      # @param strip [Rational] width as cut, inches
      # @param usable [Rational] usable width of its fabric, inches
      # @return [Binding]
      def binding(strip, usable)
        length = (2 * @size.sum) + ROUND_CORNERS
        Binding.new(strips: [((length - strip) / (usable - strip).to_r).ceil, 1].max, length: length)
      end

      # @param overhang [Rational] on every side, inches
      # @param usable [Rational] usable width of its fabric, inches
      # @return [Backing] the one that takes least length, then has fewest seams
      def backing(overhang, usable)
        width, height = @size.map { |side| side + (2 * overhang) }
        ways = [panels(width, height, usable, :along), panels(height, width, usable, :across)]
        ways.min_by.with_index { |way, i| [way.length.round(9), way.seams, i] }
      end

      # @return [Array(Numeric, Numeric)] width and height, inches
      def batting
        @size.map { |side| side + (2 * BATTING) }
      end

      private

      def panels(across, along, usable, run)
        count = ((across - (2 * @seam)) / (usable - (2 * @seam))).ceil
        Backing.new(length: count * along, panels: count, seams: count - 1, run: run, panel: along)
      end
    end
  end
end
