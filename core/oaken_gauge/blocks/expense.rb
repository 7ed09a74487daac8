# frozen_string_literal: true

module OakenGauge
  module Blocks
    # What a unit takes from the score of a way, near enough for ways to be compared by sums: its share of the block's fabric
    # and time, and how much rarer it makes a block in which all units are good.
    class Expense
      # For a unit that no method makes: more than any other comes to.
      OUT_OF_REACH = 1000.0
      # Seams that join two pieces, minutes of each.
      JOINING = 0.3
      # What an inch of plain fabric takes, beside its own size.
      ROUND_IT = 1.3
      # Where a block has very many kinds of unit they are not all weighed: what each takes is put down by its patches, minutes
      # for each, and of each the share that does not spoil the unit.
      PATCH = 0.35
      UNSPOILT = 0.92
      # What accuracy is worth on the scale of {Comparing::Figures}, where about half of all blocks are good.
      GOOD = 0.5

      # @param costs [UnitCosts]
      # @param task [Weighing::Task]
      # @param weighed [Boolean] whether units are weighed, not put down by their patches
      def initialize(costs, task, weighed: true)
        @costs = costs
        @weighed = weighed
        @weights = task.priorities
      end

      # @param unit [Units::Unit] its lengths in cells
      # @param block [Numeric] the block's cells
      # @return [Float]
      def of(unit, block)
        cost = (@weighed ? @costs.of(unit) : by_patches(unit)) or return OUT_OF_REACH + unit.patches.size
        shares(block, cost.net, cost.minutes + JOINING) + (@weights[:accuracy] * errors(cost.good, unit.patches.size / block.to_f))
      end

      # @param placements [Array<Placement>]
      # @param picture [Picture]
      # @return [Float] of a whole way, near enough
      def of_all(placements, picture)
        block = picture.columns * picture.rows
        covered = placements.sum { |placement| placement.span.reduce(:*) }
        placements.map(&:unit).tally.sum { |unit, count| count * of(unit, block) } + ((block - covered) * of_plain(block))
      end

      # @param block [Numeric] the block's cells
      # @return [Float] of one plain cell
      def of_plain(block)
        shares(block, ROUND_IT * (@costs.cell**2), JOINING)
      end

      private

      def by_patches(unit)
        patches = unit.patches.size
        size = unit.outline.area * (@costs.cell**2)
        UnitCosts::Cost.new(net: ROUND_IT * size * (1 + (0.1 * (patches - 1))), minutes: PATCH * patches, good: UNSPOILT**(patches - 1))
      end

      def errors(good, patches)
        (Way::CHANCES * patches / Math.log(2)) - (GOOD * Math.log([good, 1e-6].max))
      end

      # Half as much again of what a block takes is worth about as much, whichever block it is.
      def shares(block, net, minutes)
        fabric = net / (ROUND_IT * block * (@costs.cell**2))
        time = minutes / block
        ((@weights[:fabric] * fabric) + (@weights[:time] * time)).to_f / Math.log(2)
      end
    end
  end
end
