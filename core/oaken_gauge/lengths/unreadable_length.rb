# frozen_string_literal: true

module OakenGauge
  # A text that was meant as a length and is none.
  class UnreadableLength < ArgumentError
  end
end
