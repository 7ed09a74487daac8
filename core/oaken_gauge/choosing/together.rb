# frozen_string_literal: true

module OakenGauge
  module Choosing
    # Why all units together are not within limits that each of them is within: what the least is if one limit is lifted.
    class Together
      FIGURES = { tools_at_most: { tool: 1 }, techniques_at_most: { technique: 1 } }.freeze
      # @param choice [Choice]
      def initialize(choice)
        @choice = choice
        @limits = choice.limits
      end

      # @return [Array<Faults::Fault>] one for each limit that would do if it were wider; where none alone would, one for all
      def all
        alone = set.filter_map { |name| alone(name) }
        alone.empty? ? [none_alone] : alone
      end

      private

      def set
        %i[tools_at_most techniques_at_most minutes_at_most].select { |name| @limits.public_send(name) }
      end

      def alone(name)
        least = least(name, @limits.without(name)) or return
        Faults::Fault.new(unit: nil, say: "All together are not within #{words(name, @limits.public_send(name))}.",
                          mend: "#{words(name, least)} would do.")
      end

      def none_alone
        leasts = set.map { |name| words(name, least(name, @limits.without(*set))) }
        Faults::Fault.new(unit: nil, say: "All together are not within these limits, and no single one of them is at fault.",
                          mend: "By itself each could be as low as #{Saying.list(leasts)}.")
      end

      # Of all choices within the other limits.
      def least(name, limits)
        program = Program.new(@choice.allowed, limits, @choice.visit)
        figure = name == :minutes_at_most ? program.minutes : program.figure(own: ->(_) { 0 }, **FIGURES.fetch(name))
        program.least(figure)&.then { |choice| program.value(figure, choice) }
      end

      def words(name, number)
        case name
        when :tools_at_most then Saying.many(number.round, "tool")
        when :techniques_at_most then Saying.many(number.round, "technique")
        else Saying.many(number.ceil, "minute")
        end
      end
    end
  end
end
