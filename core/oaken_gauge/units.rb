# frozen_string_literal: true

module OakenGauge
  # The catalogue of units: one class a kind, found by its name in documents.
  module Units
    class << self
      # @return [Hash{String => Class}] every kind, by name
      def kinds
        @kinds ||= Registry.by_kind(Unit)
      end
    end
  end
end
