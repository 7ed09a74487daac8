# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Hourglasses two at a time from exact squares, both seams narrow, then trimmed to size.
      class HourglassTwoAtATimeNarrow < HourglassTwoAtATime
        include Narrow

        title "Two at a time, narrow seam, trimmed"
        technique "two_at_a_time_narrow"
      end
    end
  end
end
