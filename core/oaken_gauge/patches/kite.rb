# frozen_string_literal: true

module OakenGauge
  module Patches
    # The kite of a web block, named by the block's side L: a right angle, two short sides of
    # L(1 - 1/√2), and 45° at its tip, L/√2 along the axis. It is cut from a square with the right
    # angle in a corner; sharp, that square is L/2 + (1 + 1/(√2 sin 22.5°))s.
    class Kite < Shape
      common 6

      # @return [Polygon] its right angle at the origin
      def outline
        short = finished * (1 - (1 / SQRT2))
        @outline ||= Polygon.new([[0, 0], [short, 0], [finished / 2.0, finished / 2.0], [0, short]])
      end
    end
  end
end
