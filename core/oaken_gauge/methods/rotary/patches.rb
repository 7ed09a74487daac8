# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Every patch cut by itself, from squares and rectangles, and sewn one seam at a time.
      class Patches < PatchesMethod
        title "Single patches, rotary cut"
        makes(*Units.kinds.keys.map(&:to_sym))
        cutters Cutters::Rotary
      end
    end
  end
end
