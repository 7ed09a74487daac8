# frozen_string_literal: true

module OakenGauge
  # Why a method cannot be used, and what would mend it.
  #
  # - code: Symbol such as :no_mark, :strip_too_narrow, :short
  # - say: a sentence or two for the maker
  # - lacks: Symbol, the kind of tool that would mend it, where one is missing
  Problem = Struct.new(:code, :say, :lacks, keyword_init: true)
end
