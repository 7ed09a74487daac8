# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Wedges from strips and kites from squares with a wedge ruler, corners with a straight ruler.
      class Wedges < PatchesMethod
        title "Wedges from strips with a wedge ruler"
        technique "patches"
        makes :wedge_ring, :web_half
        cutters Cutters::WedgeStrip, Cutters::Rotary
      end
    end
  end
end
