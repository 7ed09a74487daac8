# frozen_string_literal: true

module OakenGauge
  # The catalogue of tools: one class a kind, found by its name in documents.
  module Tools
    class << self
      # @return [Hash{String => Class}] every kind, by name
      def kinds
        @kinds ||= begin
          LOADER.eager_load_dir("#{__dir__}/tools")
          constants.map { |name| const_get(name) }.select { |tool| tool.is_a?(Class) && tool < Tool }
                   .to_h { |tool| [tool.kind, tool] }.sort.to_h
        end
      end
    end
  end
end
