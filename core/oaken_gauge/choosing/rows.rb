# frozen_string_literal: true

module OakenGauge
  module Choosing
    # What holds between the {Columns}: each row a sum of some of them, with its least and its most.
    class Rows
      # A limit is kept to so much.
      NEAR = 1e-9
      NONE = ->(_) { 0 }

      # @param columns [Columns]
      # @param limits [Limits]
      # @param minutes [Array<Float>] the figure
      def initialize(columns, limits, minutes)
        @columns = columns
        @limits = limits
        @minutes = minutes
      end

      # @return [Array<Array(Hash{Integer => Numeric}, Numeric, Numeric)>]
      def all
        one_of_each + taken_by_some + most_visits + any_ruler + limits
      end

      # @param terms [Array<Array(Integer, Numeric)>] columns, and what of each
      # @return [Array(Hash, Numeric, Numeric)]
      def self.row(terms, least: -WholeNumbers::ENDLESS, most: WholeNumbers::ENDLESS)
        [terms.to_h, least, most]
      end

      # @param figure [Array<Float>]
      # @param most [Float]
      # @return [Array(Hash, Numeric, Numeric)]
      def self.at_most(figure, most)
        row(figure.each_with_index.filter_map { |cost, place| [place, cost] unless cost.zero? }, most: most)
      end

      private

      def groups
        @columns.groups.each_index
      end

      def one_of_each
        groups.map { |group| Rows.row(@columns.of(group).map { |_, place| [place, 1] }, least: 1, most: 1) }
      end

      # What is chosen takes what it names.
      def taken_by_some
        @columns.shared.reject { |(kind, _), _| kind == :visits }.flat_map do |(kind, name), place|
          groups.filter_map { |group| over(group, [place]) { |option| Columns.taken(kind, option).include?(name) } }
        end
      end

      def over(group, places)
        own = @columns.of(group).select { |option, _| yield(option) }
        Rows.row([*places.map { |place| [place, 1] }, *own.map { |_, column| [column, -1] }], least: 0) if own.any?
      end

      def most_visits
        visits = @columns.shared.fetch(Columns::VISITS)
        groups.map do |group|
          Rows.row([[visits, 1], *@columns.of(group).map { |option, column| [column, -option.visits] }], least: 0)
        end
      end

      def any_ruler
        groups.filter_map do |group|
          rulers = @columns.groups[group].filter_map(&:straight_rulers).first or next
          over(group, rulers.map { |id| @columns.shared.fetch([:tool, id]) }, &:straight_rulers)
        end
      end

      def limits
        [[@limits.tools_at_most, @columns.figure(NONE, { tool: 1 })], [@limits.techniques_at_most, @columns.figure(NONE, { technique: 1 })],
         [@limits.minutes_at_most, @minutes]].filter_map { |most, figure| Rows.at_most(figure, most.to_f + NEAR) if most }
      end
    end
  end
end
