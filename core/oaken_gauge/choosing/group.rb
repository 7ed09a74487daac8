# frozen_string_literal: true

module OakenGauge
  module Choosing
    # Units of a project that are made together: alike in kind, size and fabrics.
    class Group
      # @return [Array<String>] of its units
      attr_reader :ids
      # @return [Units::Unit] all of them, counted together
      attr_reader :unit
      # @return [Hash{Symbol => String}] of fabrics by role
      attr_reader :fabrics
      # @return [String, nil] the method that stays
      attr_reader :keep

      # @param wanted [Array<Question::Wanted>] alike but for their counts
      # @param keep [String, nil]
      # @param only [Array<String>, nil] ids of the only tools that may be used
      # @yield [unit, fabrics]
      # @yieldreturn [Weighing::Task] the question how to make them
      def initialize(wanted, keep, only: nil, &task)
        @ids = wanted.map(&:id)
        @unit = Group.together(wanted.map(&:unit))
        @fabrics = wanted.first.fabrics
        @keep = keep
        @only = only
        @task = task
      end

      # @param units [Array<Units::Unit>] alike but for their counts
      # @return [Units::Unit]
      def self.together(units)
        first = units.first
        return first if units.one?
        return first.with(hands: units.map(&:hands).reduce { |all, own| all.merge(own) { |_, mine, its| mine + its } }) if first.hands

        first.with(count: units.sum(&:count))
      end

      # @return [String] what it goes by: the first of its units
      def id
        ids.first
      end

      # @return [Array<Weighing::Outcome>] best first, those that cannot be used last
      def outcomes
        @outcomes ||= weighed(unit)
      end

      # @return [Array<Option>] that can be used, best first
      def options
        @options ||= outcomes.select(&:feasible?).map { |outcome| option(outcome) }
      end

      # @param limits [Limits]
      # @return [Array<Option>] those of them that may be chosen
      def allowed(limits)
        options.select { |option| (keep.nil? || option.id == keep.to_s) && limits.allow?(option) }
      end

      # @param fewer [Units::Unit] the same, in another count
      # @param method [String]
      # @return [Option, nil] nil where it cannot be used for so many
      def remade(fewer, method)
        weighed(fewer, [method]).find(&:feasible?)&.then { |outcome| option(outcome) }
      end

      # @param outcome [Weighing::Outcome]
      # @return [Option] of straight rulers those that may be used come first
      def option(outcome)
        rulers = outcome.way.task.drawer.of(Tools::StraightRuler).map(&:id)
        Option.new(outcome, @only ? (rulers & @only) | rulers : rulers)
      end

      # @return [Boolean] whether it is cut from that fabric too
      def of?(name)
        fabrics.value?(name)
      end

      private

      def weighed(unit, among = nil)
        Weighing::Weigher.new(@task.call(unit, fabrics), among: among).outcomes
      end
    end
  end
end
