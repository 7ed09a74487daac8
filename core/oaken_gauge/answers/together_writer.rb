# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what given picks come to, all together.
    class TogetherWriter
      # @param question [Choosing::Question]
      # @param picks [Hash{String => String}] methods by the unit's id
      def initialize(question, picks)
        @question = question.with(units: question.units.select { |wanted| picks.key?(wanted.id) }
                                                 .map { |wanted| wanted.with(keep: picks.fetch(wanted.id)) })
      end

      # @return [Array<Hash>] "title" and "text"; none where a pick cannot be used
      def write
        choice = Choosing::Choice.new(@question)
        options = choice.groups.map { |group| group.remade(group.unit, group.keep.to_s) }
        return [] if options.empty? || options.any?(&:nil?)

        ChoiceFigures.new(@question.answered_in).write(choice.totals(options)).map do |title, text|
          { "title" => title, "text" => text }
        end
      end
    end
  end
end
