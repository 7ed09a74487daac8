# frozen_string_literal: true

module OakenGauge
  module Choosing
    # Why nothing can be chosen, each with the one change that would mend it.
    class Faults
      # - unit: the id of a unit, nil where it is a limit on all of them; - say; - mend
      # - lacking: {String => inches} of fabrics, where that is why
      Fault = Struct.new(:unit, :say, :mend, :lacking, keyword_init: true)

      # @param choice [Choice]
      def initialize(choice)
        @choice = choice
        @limits = choice.limits
        @measure = choice.question.answered_in
      end

      # @return [Array<Fault>] none where something was chosen that can be cut
      def all
        return of_units unless @choice.apart
        return Together.new(@choice).all if @choice.tried.empty?

        @choice.cuttable? ? [] : @choice.chosen.lacking.map { |name, inches| lacking(name, inches) }
      end

      private

      def of_units
        @choice.groups.zip(@choice.allowed).select { |_, options| options.empty? }.map { |group, _| of_unit(group) }
      end

      def of_unit(group)
        kept = group.options.select { |option| group.keep.nil? || option.id == group.keep.to_s }
        return unmade(group) if group.options.empty?
        return not_kept(group) if kept.empty?

        Fault.new(unit: group.id, say: "No method for #{group.id} is within the limits.", mend: mended(kept))
      end

      def unmade(group)
        say = "No method makes #{group.id} with these tools from this fabric."
        lacking = shortest(group)
        return Fault.new(unit: group.id, say: say, mend: nearest(group.outcomes).problems.first.say) unless lacking

        Fault.new(unit: group.id, say: say, mend: "Find #{Saying.list(lacking.map do |name, inches|
          "#{length(inches)} more of #{name}"
        end)}.",
                  lacking: lacking)
      end

      # The least that is missing, of methods for which only fabric is.
      def shortest(group)
        only = group.outcomes.select { |outcome| outcome.problems.all? { |problem| problem.code == :short } }
        all = only.map { |outcome| Cutting.new(@choice.question, [group], [group.option(outcome)]).lacking }
        all.reject { |lacking| lacking.empty? || lacking.value?(Cutting::NEVER) }.min_by { |lacking| lacking.values.sum }
      end

      # What lacks one thing, of that rather fabric than a tool.
      def nearest(outcomes)
        outcomes.min_by.with_index do |outcome, i|
          [outcome.problems.size, if outcome.problems.any? do |problem|
            problem.code == :short
          end
                                    0
                                  else
                                    1
                                  end, i]
        end
      end

      def not_kept(group)
        outcome = group.outcomes.find { |one| one.way.class.id == group.keep.to_s }
        Fault.new(unit: group.id, say: "The method that stays for #{group.id} cannot be used. #{outcome.problems.first.say}",
                  mend: "Let another method be chosen for #{group.id}.")
      end

      def mended(options)
        [accuracy(options.select { |option| @limits.without(:good_at_least).allow?(option) }),
         tools(options.select { |option| @limits.without(:only_tools).allow?(option) })].compact.first || both(options)
      end

      # A limit that is told is rounded so that the method is within it.
      def accuracy(options)
        best = options.max_by(&:good)
        "Be content with #{(best.good * 100).floor} good in 100: that is #{best.outcome.way.class.title.downcase}." if best
      end

      def tools(options)
        best = options.min_by { |option| strange(option).size }
        "Allow #{Saying.list(names(best))} too: that is #{best.outcome.way.class.title.downcase}." if best
      end

      def both(options)
        best = options.min_by { |option| [strange(option).size, -option.good] }
        "Allow #{Saying.list(names(best))} too, and be content with #{(best.good * 100).floor} good in 100."
      end

      def strange(option)
        missing = option.tools - @limits.only_tools.to_a
        rulers = option.straight_rulers
        rulers.nil? || rulers.intersect?(@limits.only_tools.to_a) ? missing : [*missing, rulers.first]
      end

      def names(option)
        drawer = option.outcome.way.task.drawer
        strange(option).map { |id| drawer.find { |tool| tool.id == id }.name }
      end

      def lacking(name, inches)
        if inches == Cutting::NEVER
          return Fault.new(unit: nil, say: "#{name} holds no piece so large as one that these methods take.",
mend: "Find a wider piece of #{name}.")
        end

        Fault.new(unit: nil, say: "#{name} is #{length(inches)} too short: no choice that was tried takes less.",
                  mend: "Find #{length(inches)} more of #{name}.", lacking: { name => inches })
      end

      def length(inches)
        Length.new(inches, @measure)
      end
    end
  end
end
