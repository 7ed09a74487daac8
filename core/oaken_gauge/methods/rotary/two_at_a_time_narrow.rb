# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two at a time from exact squares, sewn with a narrow seam, then trimmed to size.
      class TwoAtATimeNarrow < TwoAtATime
        include Narrow

        title "Two at a time, narrow seam, trimmed"
      end
    end
  end
end
