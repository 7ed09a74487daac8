# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes one method for each unit of a project, all together.
    class ChoiceWriter
      DIGITS = 4

      # @param choice [Choosing::Choice]
      # @param now [Hash{String => String}, nil] for a screen: what is picked for units now, by id, from which the changes are then
      def initialize(choice, now: nil)
        @choice = choice
        @measure = choice.question.answered_in
        @now = now
      end

      # @return [Hash] the choice; where there is none, "faults" with what would mend them, and of which fabric how much is "short"
      def write
        faults = Choosing::Faults.new(@choice).all
        return answer if faults.empty?

        @choice.chosen.nil? || @choice.exhausted? ? told(faults) : { **answer, **told(faults) }
      end

      private

      def answer
        { **picked, "objective" => @choice.worth(options), "apart_objective" => @choice.worth(@choice.apart), "bound" => bound,
          "proved" => @choice.proved?, "changes" => changes, "merged" => @choice.groups.map(&:ids).reject(&:one?),
          "taken_over" => taken_over, "lengths" => lengths, "tried" => @choice.tried.size, **(@now ? view.write : {}) }
      end

      def picked
        { "picks" => by_unit(options), "apart" => by_unit(@choice.apart),
          "totals" => totals(options), "apart_totals" => totals(@choice.apart) }
      end

      def told(faults)
        { "faults" => faults.map { |fault| { "unit" => fault.unit, "say" => fault.say, "mend" => fault.mend } },
          "short" => faults.filter_map(&:lacking).reduce({}, :merge).transform_values { |inches| length(inches) } }
      end

      def options
        @choice.chosen.options
      end

      # Nothing that can be cut is less than the first that was tried.
      def bound
        @choice.program.proved? ? @choice.worth(@choice.tried.first.options) : nil
      end

      def by_unit(options)
        @choice.groups.zip(options).flat_map { |group, option| group.ids.map { |id| [id, option.id] } }.to_h
      end

      def totals(options)
        told = @choice.totals(options)
        { "net" => told.net, "minutes" => told.minutes.round(DIGITS), "good" => told.good, "surplus" => told.surplus, "tools" => told.tools,
          "settings" => told.settings.map { |setting| SettingWriter.new(@measure).which(setting) }, "techniques" => told.techniques,
          "visits" => told.visits, "cost" => Choosing::Cost.new(@measure).of(options) }
      end

      def changes
        words = ChangeWords.new(@measure)
        told = Choosing::Changes.new(@choice, **from)
        told.all.map { |change| change(change, words.say(change, told.slight?(change)), told.slight?(change)) }
      end

      def change(change, say, slight)
        { "unit" => change.group.id, "from" => change.from&.id, "to" => change.to.id, "net" => change.net, "minutes" => change.minutes,
          "good" => change.good, "say" => say, **(@now ? { **view.change(change), "slight" => slight } : {}) }
      end

      # On a screen from what is picked now; where nothing is, the first-ranked stands meanwhile.
      def from
        @now ? { from: picked_now, base: picked_now.zip(@choice.apart).map { |now, first| now || first } } : {}
      end

      # What every unit of a group is made by now, where that can be used.
      def picked_now
        @picked_now ||= @choice.groups.map { |group| group.options.find { |option| group.ids.all? { |id| @now[id] == option.id } } }
      end

      def view
        @view ||= ChoiceView.new(@choice, picked_now)
      end

      def taken_over
        Choosing::TakenOver.new(@choice).all.map { |taken| { "from" => taken.giver.id, "to" => taken.receiver.id, "count" => taken.count } }
      end

      def lengths
        chosen, apart = [options, @choice.apart].map { |picked| @choice.cutting(picked) }
        @choice.groups.flat_map { |group| group.fabrics.values }.uniq.to_h do |name|
          plan = chosen.of(name.to_sym)
          [name,
           { "used" => length(plan&.used_length), "bound" => length(plan&.bound_length),
"apart" => length(apart.of(name.to_sym)&.used_length) }]
        end
      end

      def length(inches)
        inches && Length.new(inches, @measure).to_s
      end
    end
  end
end
