# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Corners flipped on a square, all cut larger by a margin, then trimmed to size.
      class CutCornerStitchAndFlipOversize < CutCornerStitchAndFlip
        include Oversize

        title "Stitch and flip, cut large and trimmed"
        technique "stitch_and_flip_oversize"
      end
    end
  end
end
