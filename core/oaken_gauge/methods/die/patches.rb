# frozen_string_literal: true

module OakenGauge
  module Methods
    module Die
      # Every patch from a die, its corners notched so that it can only lie the right way.
      class Patches < PatchesMethod
        title "Single patches, die cut"
        makes(*Units.kinds.keys.map(&:to_sym))
        cutters Cutters::Die
      end
    end
  end
end
