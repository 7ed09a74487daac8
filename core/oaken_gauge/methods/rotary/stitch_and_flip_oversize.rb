# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Stitch and flip from a rectangle and squares that are all cut larger by a margin, then trimmed to size.
      class StitchAndFlipOversize < StitchAndFlip
        include Oversize

        title "Stitch and flip, cut large and trimmed"
      end
    end
  end
end
