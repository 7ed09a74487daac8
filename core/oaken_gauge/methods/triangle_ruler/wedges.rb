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

        # @return [Rational, nil] inches
        def corner_square
          cutter(shape(:light)).mark&.corner_square if unit.is_a?(Units::WedgeRing)
        end
      end
    end
  end
end
