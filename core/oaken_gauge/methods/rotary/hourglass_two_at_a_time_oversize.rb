# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Hourglass units two at a time, cut larger by a margin, then trimmed to size on all sides.
      class HourglassTwoAtATimeOversize < HourglassTwoAtATime
        include Oversize

        title "Two at a time, cut large and trimmed"
        technique "two_at_a_time_oversize"
      end
    end
  end
end
