# frozen_string_literal: true

module OakenGauge
  module Tools
    # A trimmer that engineers the corners of a round, so that a triangle shows where it sits.
    class CornerTrimmer < Tool
      title "Corner trimmer"
      common 13
      choice :round, %w[inner outer], label: "For the round that is"
      made_for_seam
    end
  end
end
