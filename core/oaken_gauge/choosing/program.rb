# frozen_string_literal: true

module OakenGauge
  module Choosing
    # All choices there are, as an integer program.
    #
    # @example The least fabric
    #   program.least(program.figure(own: :net.to_proc))   # => [0, 3, 1], of each group which of its options
    class Program
      # @return [Float] minutes of getting ready for one visit
      attr_reader :visit

      # @param groups [Array<Array<Option>>] what may be chosen for each
      # @param limits [Limits]
      # @param visit [Float] minutes of getting ready for one visit
      def initialize(groups, limits, visit)
        @groups = groups
        @limits = limits
        @visit = visit
        @proved = true
        @columns = Columns.new(groups)
        @rows = Rows.new(@columns, limits, minutes).all
      end

      # @return [Boolean] whether every answer so far is known to be the least
      def proved?
        @proved
      end

      # @param own [Proc] what an option adds by itself
      # @param shared [Hash{Symbol => Numeric}] what each :setting, :technique, :tool and visit (:visits) adds
      # @return [Array<Float>] a figure as the columns add to it
      def figure(own:, **shared)
        @columns.figure(own, shared)
      end

      # @return [Array<Float>]
      def minutes
        @minutes ||= figure(own: :minutes.to_proc, setting: Totals::SETTING, visits: visit)
      end

      # @param costs [Array<Float>] a figure
      # @param cuts [Array<Hash{Integer => Integer}>] choices that are none: options by group
      # @param bounds [Array<Array(Array<Float>, Float)>] figures, and what they are at most
      # @return [Array<Integer>, nil] of each group which of its options; nil where nothing is within the limits
      def least(costs, cuts: [], bounds: [])
        rows = @rows + cuts.map { |cut| cut_off(cut) } + bounds.map { |figure, most| Rows.at_most(figure, most) }
        given, proved = WholeNumbers.exactly(costs: costs, rows: rows, most: @columns.most, whole: @columns.whole)
        @proved &&= proved
        given && @groups.each_index.map { |group| @columns.of(group).each_index.max_by { |option| given[@columns.at(group, option)] } }
      end

      # @param costs [Array<Float>]
      # @param choice [Array<Integer>]
      # @return [Float] the figure of a choice
      def value(costs, choice)
        options = taken(choice)
        choice.each_with_index.sum(0.0) { |option, group| costs[@columns.at(group, option)] } +
          @columns.shared.sum(0.0) { |key, place| costs[place].zero? ? 0.0 : costs[place] * amount(key, options) }
      end

      # @param choice [Array<Integer>]
      # @return [Boolean] whether it is within the limits
      def holds?(choice)
        @limits.hold?(Totals.new(taken(choice), visit))
      end

      private

      def taken(choice)
        choice.each_with_index.map { |option, group| @groups[group][option] }
      end

      def cut_off(cut)
        Rows.row(cut.map { |group, option| [@columns.at(group, option), 1] }, most: cut.size - 1)
      end

      def amount((kind, name), options)
        case kind
        when :visits then options.map(&:visits).max
        when :tool then Totals.new(options, visit).tools.include?(name) ? 1 : 0
        else options.any? { |option| Columns.taken(kind, option).include?(name) } ? 1 : 0
        end
      end
    end
  end
end
