# frozen_string_literal: true

module OakenGauge
  # Why a method cannot be used, and what would mend it.
  #
  # - code: Symbol such as :no_mark, :strip_too_narrow, :short
  # - say: a sentence or two for the maker
  Problem = Struct.new(:code, :say, keyword_init: true)
end
