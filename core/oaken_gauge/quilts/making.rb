# frozen_string_literal: true

module OakenGauge
  module Quilts
    # How each unit of a quilt is made: by the method that was picked for it, and where none was, or it cannot be used any more, by
    # the best that there is.
    class Making
      # - counted: {UnitsInBlocks::Counted}; - outcome: {Weighing::Outcome}, nil where no method makes it; - picked: whether it was;
      # - refused: {Problem}, why what was picked cannot be used, nil where it can
      Made = Struct.new(:counted, :outcome, :picked, :refused, keyword_init: true) do
        # @return [Array<Planning::Question::Pick>] what a plan is asked for it
        def picks
          in_pairs.map { |unit, fabrics| Planning::Question::Pick.new(unit: unit, technique: outcome.way.class.id, fabrics: fabrics) }
        end

        private

        # An hourglass of four fabrics takes of two what another of two takes of the other two.
        def in_pairs
          unit = counted.unit
          first = counted.fabrics.except(:light_2, :dark_2)
          second = first.merge(counted.fabrics.slice(:light_2, :dark_2).transform_keys { |role| role.to_s.delete_suffix("_2").to_sym })
          return [[unit, first]] if first == second

          [first, second].map { |named| [unit.with(count: (unit.count/2r).ceil), named] }
        end
      end

      # @param units [Array<UnitsInBlocks::Counted>]
      # @param picks [Array<Planning::Question::Pick>]
      # @yield [unit] {Units::Unit}
      # @yieldreturn [Weighing::Task] the question how to make them
      def initialize(units, picks, &question)
        @units = units
        @picks = picks
        @question = question
      end

      # @return [Array<Made>]
      def all
        @all ||= @units.map { |counted| made(counted) }
      end

      private

      def made(counted)
        outcomes = outcomes(counted.unit)
        best = outcomes.first&.then { |outcome| outcome if outcome.feasible? }
        picked = picked(counted, outcomes) or return Made.new(counted: counted, outcome: best, picked: false)
        return Made.new(counted: counted, outcome: picked, picked: true) if picked.feasible?

        Made.new(counted: counted, outcome: best, picked: false, refused: picked.problems.first)
      end

      def picked(counted, outcomes)
        pick = @picks.find { |one| counted.made_as?(one.unit, one.fabrics.transform_keys(&:to_sym)) } or return
        outcomes.find { |outcome| outcome.way.class.id == pick.technique.to_s }
      end

      def outcomes(unit)
        (@outcomes ||= {})[unit] ||= Weighing::Weigher.new(@question.call(unit)).outcomes
      end
    end
  end
end
