# frozen_string_literal: true

module OakenGauge
  # The catalogue of units: one class a kind, found by its name in documents.
  module Units
    class << self
      # @return [Hash{String => Class}] every kind, by name
      def kinds
        @kinds ||= begin
          LOADER.eager_load_dir("#{__dir__}/units")
          constants.map { |name| const_get(name) }.select { |unit| unit.is_a?(Class) && unit < Unit }
                   .to_h { |unit| [unit.kind.to_s, unit] }.sort.to_h
        end
      end
    end
  end
end
