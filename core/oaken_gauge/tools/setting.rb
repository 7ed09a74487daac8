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
    Setting = Struct.new(:tool, :side, :mark, :reads, :off_by, :say, keyword_init: true) do
      # @return [Boolean] whether a line between the heavy ones has to be found
      def between_lines?
        tool.is_a?(StraightRuler) && !tool.easy_line?(mark)
      end
    end
  end
end
