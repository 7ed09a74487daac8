# frozen_string_literal: true

module OakenGauge
  # How a class of a catalogue is named in documents: HalfSquare is "half_square".
  module Naming
    # Before a capital that follows a small letter, and before the last of several capitals.
    WORD_START = /(?<=[a-z])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])/

    # @param name [String] "OakenGauge::Units::HalfSquare"
    # @return [String] "half_square"
    def self.snake(name)
      name.split("::").last.gsub(WORD_START, "_").downcase
    end
  end
end
