# frozen_string_literal: true

module OakenGauge
  module Tools
    # A tool set to a mark, for one job.
    #
    # - tool: {Tool}
    # - side: Symbol or nil
    # - mark: Rational inches or String, as printed
    # - reads: Symbol, see {Mark}
    # - off_by: Rational inches, what the mark means less what is needed
    # - say: a sentence
    Setting = Struct.new(:tool, :side, :mark, :reads, :off_by, :say, keyword_init: true)
  end
end
