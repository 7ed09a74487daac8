# frozen_string_literal: true

module OakenGauge
  module Quilts
    # Strips and squares between blocks and round them.
    # - what: Symbol, "sash", "border" …; - fabric: its name, or nil; - size: [across, along] as cut, inches; - count
    # - ends: :square or :mitred; - then_do: what is cut of it, where that is something; - pieces: how many come of that
    CutPiece = Struct.new(:what, :fabric, :size, :count, :ends, :then_do, :pieces, keyword_init: true)
  end
end
