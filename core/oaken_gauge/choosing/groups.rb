# frozen_string_literal: true

module OakenGauge
  module Choosing
    # Units that are alike are one group, unless different picks of them stay: those that have to keep one method are a group by
    # themselves then, and those that may have any are another.
    class Groups
      # @param question [Question]
      def initialize(question)
        @question = question
      end

      # @return [Array<Group>] in the order of the first of each
      def all
        @all ||= @question.units.group_by { |wanted| look(wanted) }.values.flat_map { |alike| kept_apart(alike) }
                          .sort_by { |wanted, _| @question.units.index(wanted.first) }.map { |wanted, keep| group(wanted, keep) }
      end

      private

      # Where a square told as a rectangle and a square are one kind, so are they here.
      def look(wanted)
        values = wanted.unit.hands ? { hands: { left: 1, right: 1 } } : { count: 1 }
        [wanted.unit.with(**values), wanted.fabrics.sort]
      end

      def kept_apart(alike)
        keeps = alike.map(&:keep).compact.uniq
        return [[alike, keeps.first]] if keeps.size < 2 && countable?(alike)
        return alike.map { |wanted| [[wanted], wanted.keep] } unless countable?(alike)

        alike.group_by(&:keep).map { |keep, same| [same, keep] }
      end

      # No more are weighed at once.
      def countable?(alike)
        alike.sum { |wanted| wanted.unit.count } <= Units::Unit::MOST
      end

      def group(wanted, keep)
        Group.new(wanted, keep, only: @question.limits&.only_tools) { |unit, fabrics| @question.task(unit, fabrics) }
      end
    end
  end
end
