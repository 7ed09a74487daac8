# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Three-triangle units two at a time from exact squares, both seams narrow, then trimmed to size.
      class ThreeTriangleTwoAtATimeNarrow < ThreeTriangleTwoAtATime
        include Narrow

        title "Two at a time, narrow seam, trimmed"
        technique "two_at_a_time_narrow"
      end
    end
  end
end
