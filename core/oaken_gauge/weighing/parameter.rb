# frozen_string_literal: true

module OakenGauge
  module Weighing
    # One value of a maker's profile.
    #
    # - name: Symbol, as in documents
    # - group: :error, :time or :choice
    # - part: of the work it belongs to, in words
    # - unit: "inch", "share" or "second"
    # - assumed: Numeric, what stands until it is measured
    # - most: Numeric, the largest that makes sense
    # - title: what it is called
    # - meaning: a sentence
    Parameter = Struct.new(:name, :group, :part, :unit, :assumed, :most, :title, :meaning, keyword_init: true)
  end
end
