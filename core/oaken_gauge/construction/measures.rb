# frozen_string_literal: true

module OakenGauge
  module Construction
    # What a unit measures when it is made, against what it should. Inches; numbers, or rows of them.
    #
    # - sizes: what each of its widths and heights is too large
    # - points: how far each point misses its place
    # - slack: what there was to trim at each side; empty when nothing is trimmed
    # - bias_edges: how many edges on the bias were handled raw
    Measures = Struct.new(:sizes, :points, :slack, :bias_edges, keyword_init: true)
  end
end
