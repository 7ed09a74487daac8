# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Triangles from strips with a triangle ruler, squares with a straight ruler, sewn one seam at a
      # time. (Flying geese made so are {Strips}, where the sky's hands matter.)
      class Patches < PatchesMethod
        title "Single patches from strips"
        makes :half_square, :hourglass, :three_triangle, :square_in_square, :shape, :triangle
        cutters Cutters::Strip, Cutters::Rotary
        needs_one_by Cutters::Strip
      end
    end
  end
end
