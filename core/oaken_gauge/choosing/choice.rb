# frozen_string_literal: true

module OakenGauge
  module Choosing
    # The choice: of each group one method, so that all together is least by the {Objective}, within the limits, and can be cut from what
    # there is. What a fabric is too short for is cut off, and the next best tried.
    class Choice
      # So many are tried.
      TRIES = 20
      # Of all the work, what weighing is.
      WEIGHED = 0.5

      # A choice that was tried. - options: of each group; - lacking: {String => inches}, of fabrics that are short
      Tried = Struct.new(:options, :lacking, keyword_init: true)

      # @return [Question]
      attr_reader :question

      # @param question [Question]
      # @yield [share] as it goes on: how much of it is done, from 0 to 1; raising stops it
      def initialize(question, &told)
        @question = question
        @told = told || ->(_) {}
      end

      # @return [Array<Group>]
      def groups
        @groups ||= Groups.new(question).all
      end

      # @return [Limits]
      def limits
        question.limits || Limits.new
      end

      # @return [Array<Array<Option>>] of each group what may be chosen, best first
      def allowed
        @allowed ||= groups.each_with_index.map do |group, i|
          @told.call(WEIGHED * i / groups.size)
          group.allowed(limits)
        end
      end

      # @return [Array<Option>, nil] of each group the first-ranked of those allowed; nil where one has none
      def apart
        @apart ||= (allowed.map(&:first) if allowed.none?(&:empty?))
      end

      # @return [Objective]
      def objective
        @objective ||= Objective.new(question.weights, totals(apart))
      end

      # @param options [Array<Option>]
      # @return [Totals]
      def totals(options)
        Totals.new(options, visit)
      end

      # @param options [Array<Option>]
      # @return [Float]
      def worth(options)
        objective.of(totals(options))
      end

      # @return [Float] minutes of getting ready for one visit
      def visit
        (question.maker || Makers::Maker.new).profile.values.fetch(:set_up) / 60.0
      end

      # @return [Array<Tried>] one after another
      def tried
        @tried ||= apart ? try : []
      end

      # @return [Tried, nil] the one that can be cut; where none can, the one that lacks least
      def chosen
        tried.find { |one| one.lacking.empty? } || tried.min_by { |one| one.lacking.values.sum }
      end

      # @return [Boolean] whether what was found can be cut
      def cuttable?
        !chosen.nil? && chosen.lacking.empty?
      end

      # @return [Boolean] whether nothing within the limits that can be cut is better
      def proved?
        cuttable? && program.proved?
      end

      # @return [Boolean] whether there is none but those that were tried, and none of them can be cut
      def exhausted?
        !cuttable? && tried.size < TRIES
      end

      # @return [Program] of all choices within the limits
      def program
        @program ||= Program.new(allowed, limits, visit)
      end

      # @param options [Array<Option>]
      # @return [Cutting] how all of it is cut
      def cutting(options)
        (@cutting ||= {})[options.map(&:id)] ||= Cutting.new(question, groups, options)
      end

      private

      def try
        least = Least.new(program, objective, allowed)
        cuts = []
        tried = []
        while tried.size < TRIES && (picked = least.choice(cuts))
          @told.call(WEIGHED + ((1 - WEIGHED) * tried.size / TRIES))
          tried << one(picked)
          break if tried.last.lacking.empty?

          cuts += off(picked, tried.last.lacking)
        end
        tried
      end

      def one(picked)
        options = picked.each_with_index.map { |option, group| allowed[group][option] }
        Tried.new(options: options, lacking: cutting(options).lacking)
      end

      # What is cut from a fabric is the same for all choices that have the same methods for its units.
      def off(picked, lacking)
        lacking.keys.map do |name|
          groups.each_index.select { |group| groups[group].of?(name) }.to_h { |group| [group, picked[group]] }
        end
      end
    end
  end
end
