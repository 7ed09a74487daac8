# frozen_string_literal: true

module OakenGauge
  module Patches
    # The strip that a patch lies in when it is cut: the finished outline as it lies, and how far the
    # fabric reaches below and above, inches.
    Band = Struct.new(:outline, :low, :high, keyword_init: true)
  end
end
