# frozen_string_literal: true

module OakenGauge
  module Blocks
    # What units of a block cost, each kind and size weighed once: by its best method, and as if many were made, since a quilt
    # has several blocks.
    class UnitCosts
      MANY = 48

      # Of one unit. - net, surplus: square inches; - minutes; - good: share of them; - difficulty: see {Comparing::Figures}
      Cost = Struct.new(:net, :surplus, :minutes, :good, :difficulty, keyword_init: true)

      # @param cell [Rational] finished side of a cell, inches
      # @yield [unit] so many units of a size
      # @yieldreturn [Weighing::Task] the question how to make them
      def initialize(cell, &question)
        @cell = cell
        @question = question
        @known = {}
      end

      # @return [Rational] finished side of a cell, inches
      attr_reader :cell

      # @param unit [Units::Unit] its lengths in cells
      # @return [Units::Unit] its lengths in inches
      def sized(unit)
        unit.at(unit.measure_on_beam * cell)
      end

      # @param unit [Units::Unit] its lengths in cells
      # @return [Cost, nil] nil where no method makes it with these tools
      def of(unit)
        @known.fetch(unit) { @known[unit] = weighed(sized(unit)) }
      end

      private

      def weighed(unit)
        return if unit.side_lengths.max > Units::Unit::LARGEST

        best = Weighing::Weigher.new(@question.call(unit.with(**unit.class.so_many(MANY)))).outcomes.first
        cost(best) if best.feasible?
      end

      def cost(outcome)
        Cost.new(net: outcome.waste[:net] / MANY, surplus: outcome.waste[:surplus] / MANY, minutes: outcome.minutes / MANY,
                 good: outcome.accuracy.good_share, difficulty: outcome.difficulty)
      end
    end
  end
end
