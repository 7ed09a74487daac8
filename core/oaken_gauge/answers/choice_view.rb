# frozen_string_literal: true

module OakenGauge
  module Answers
    # What a screen is told of a choice besides: titles, figures in words, lengths of fabric to scale.
    class ChoiceView
      # @param choice [Choosing::Choice]
      # @param now [Array<Choosing::Option, nil>] of each group, what is picked now
      def initialize(choice, now)
        @choice = choice
        @now = now
        @measure = choice.question.answered_in
      end

      # @return [Hash]
      def write
        { "figures" => figures, "proof" => proof, "drawn" => drawn, "given" => given }
      end

      # @param change [Choosing::Changes::Change]
      # @return [Hash]
      def change(change)
        { "units" => change.group.ids, "from_title" => change.from && title(change.from), "to_title" => title(change.to) }
      end

      private

      def title(option)
        option.outcome.way.class.title
      end

      def figures
        now, apart, together = [@now.compact, @choice.apart, @choice.chosen.options].map { |options| told(options) }
        together.map { |name, text| { "title" => name, "together" => text, "apart" => apart.fetch(name, ""), "now" => (now[name] if now) } }
      end

      def told(options)
        ChoiceFigures.new(@measure).write(@choice.totals(options)) if options.any?
      end

      def proof
        return "The nearest of #{@choice.tried.size} that were tried; the fabric reaches for none of them." unless @choice.cuttable?
        return "The best found; it is not certain that nothing is better." unless @choice.program.proved?

        better = @choice.tried.size - 1
        best = "By what matters to you nothing#{' within your limits' if limited?} is better"
        better.zero? ? "#{best}." : "#{best}, but for #{Saying.many(better, 'choice')} that the fabric is too short for."
      end

      def limited?
        @choice.limits.to_document.any?
      end

      def given
        Choosing::TakenOver.new(@choice).all.map do |taken|
          extra = Saying.many(taken.count, "extra unit")
          "#{extra} of #{taken.giver.id} #{Saying.form(taken.count, 'does', 'do')} for #{taken.receiver.id}: make so many fewer of it."
        end
      end

      def drawn
        chosen, apart = [@choice.chosen.options, @choice.apart].map { |options| @choice.cutting(options) }
        names = @choice.groups.flat_map { |group| group.fabrics.values }.uniq
        names.filter_map { |name| length(name, chosen.of(name.to_sym), apart.of(name.to_sym)) }
      end

      def length(name, chosen, apart)
        return unless chosen && apart && chosen.used_length.positive?

        { "fabric" => name, "used" => chosen.used_length.to_f, "apart" => apart.used_length.to_f, "bound" => chosen.bound_length.to_f,
          "say" => say(chosen.used_length, apart.used_length) }
      end

      def say(used, apart)
        written = [used, apart].map { |inches| Length.new(inches, @measure).to_s }
        used == apart ? written.first : "#{written.first}, where each by itself takes #{written.last}"
      end
    end
  end
end
