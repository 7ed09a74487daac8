# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Two at a time, cut larger by a margin, then trimmed to size on all sides.
      class TwoAtATimeOversize < TwoAtATime
        include Oversize

        title "Two at a time, cut large and trimmed"
      end
    end
  end
end
