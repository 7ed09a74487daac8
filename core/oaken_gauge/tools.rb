# frozen_string_literal: true

module OakenGauge
  # The catalogue of tools: one class a kind, found by its name in documents.
  module Tools
    class << self
      # @return [Hash{String => Class}] every kind, by name
      def kinds
        @kinds ||= Registry.by_kind(Tool)
      end
    end
  end
end
