# frozen_string_literal: true

module OakenGauge
  module Weighing
    # What a maker may set store by. Of each figure, less is better.
    module Figures
      # - name: Symbol, the priority in documents
      # - from: gives the figure of an outcome
      # - least: a difference that should not count in full, in parts of the worst: figures that nearly
      #   agree are not torn apart
      Figure = Struct.new(:name, :least, :from, keyword_init: true) do
        # @param outcome [Outcome]
        # @return [Numeric]
        def of(outcome)
          from.call(outcome)
        end
      end

      ALL = [
        Figure.new(name: :fabric, least: 0.05, from: ->(outcome) { outcome.waste[:net] }),
        Figure.new(name: :time, least: 0.05, from: lambda(&:minutes)),
        Figure.new(name: :accuracy, least: 0.05, from: ->(outcome) { 1 - outcome.accuracy.good_share }),
        Figure.new(name: :surplus, least: 0.05, from: ->(outcome) { outcome.waste[:surplus] }),
        Figure.new(name: :ease, least: 0.05, from: lambda(&:difficulty))
      ].freeze

      # @return [Array<Symbol>]
      NAMES = ALL.map(&:name).freeze

      # @param name [Symbol]
      # @return [Figure]
      def self.fetch(name)
        ALL.find { |figure| figure.name == name } or raise KeyError, "no figure #{name}"
      end
    end
  end
end
