# frozen_string_literal: true

module OakenGauge
  module Comparing
    # What a maker may set store by. Of each figure, less is better; what it is worth is told on a scale of its own that
    # no other method has a part in, so that a tool more in the drawer moves nothing but what it makes.
    module Figures
      # - name: Symbol, the priority in documents; - title: what it is called; - usual: what it weighs where nobody says
      # - from: gives the figure of an outcome
      # - worth: gives what an outcome is worth by it. A step of one is half the fabric, half the time, or half of all units
      #   more that come out good
      Figure = Struct.new(:name, :title, :usual, :from, :worth, keyword_init: true) do
        # @param outcome [Outcome]
        # @return [Numeric]
        def of(outcome)
          from.call(outcome)
        end

        # @param outcome [Outcome]
        # @return [Float]
        def worth_of(outcome)
          worth.call(outcome)
        end
      end

      # Kinds of step, raw edges and lines to find that are as hard as twice the time.
      HARDER = 8.0
      # What there is to learn for each technique beyond the first, in kinds of step.
      ANOTHER = 3
      # Nothing takes less, minutes.
      LEAST = 0.01

      # Ease counts only where somebody says so.
      ALL = [
        Figure.new(name: :fabric, title: "Least fabric", usual: 1, from: ->(outcome) { outcome.waste[:net] },
                   worth: ->(outcome) { -Math.log2(outcome.waste[:net] / outcome.waste[:in_units]) }),
        Figure.new(name: :time, title: "Least time", usual: 1, from: lambda(&:minutes),
                   worth: ->(outcome) { -Math.log2([outcome.minutes, LEAST].max / outcome.way.unit.count) }),
        Figure.new(name: :accuracy, title: "Most accurate", usual: 1, from: ->(outcome) { 1 - outcome.accuracy.good_share },
                   worth: ->(outcome) { 2 * outcome.accuracy.good_share }),
        Figure.new(name: :surplus, title: "No extra units", usual: 1, from: ->(outcome) { outcome.waste[:surplus] },
                   worth: ->(outcome) { -Math.log2(1 + (outcome.waste[:surplus] / outcome.waste[:in_units])) }),
        Figure.new(name: :ease, title: "Easiest to learn", usual: 0, from: lambda(&:difficulty),
                   worth: ->(outcome) { -(outcome.difficulty + (ANOTHER * (outcome.techniques - 1))) / HARDER })
      ].freeze

      NAMED = ALL.to_h { |figure| [figure.name, figure] }.freeze
      private_constant :NAMED

      # @param name [Symbol]
      # @return [Figure]
      def self.fetch(name)
        NAMED.fetch(name)
      end
    end
  end
end
