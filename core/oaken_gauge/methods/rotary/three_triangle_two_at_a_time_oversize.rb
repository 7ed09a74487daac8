# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Three-triangle units two at a time, cut larger by a margin, then trimmed with the centre line
      # of the ruler on the long seam.
      class ThreeTriangleTwoAtATimeOversize < ThreeTriangleTwoAtATime
        include Oversize

        title "Two at a time, cut large and trimmed"
        technique "two_at_a_time_oversize"
      end
    end
  end
end
