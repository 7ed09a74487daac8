# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # An opened square laid on the middle of a square of a third fabric, sewn beside the line across its seam, cut on it and
    # opened.
    class ThreeTriangle < Hourglass
      private

      def sewn
        pieced = opened(*paired)
        line = pieced.across
        near = line.inward(-deep).back
        show_from(1)
        half(1, 2, pieced)
        _, low, right, = laid_under(line)
        sides(0, low.over(near), right.over(near))
        seam(0, pieced.seam)
        seam(1, near)
      end

      def paired
        %i[left right]
      end

      def laid_under(line)
        wide, high = piece(:half)
        middle = (line.from + line.to) / 2
        rectangle(wide, high, middle + (line.way * (skill.laid + (skill.laid * 1i))) - ((wide + (high * 1i)) / 2))
      end
    end
  end
end
