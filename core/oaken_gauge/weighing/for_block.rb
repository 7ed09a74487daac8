# frozen_string_literal: true

module OakenGauge
  module Weighing
    # What the units are for: so many of a block. A die that cuts a whole block then leaves over only what the block has no use
    # for.
    class ForBlock
      include Documents::Record

      nested :block, -> { OakenGauge.block_document }
      integer :count, within: 1..10_000, label: "Blocks"

      # What the other units of all blocks need in the fabric of a role: of each shape how many patches.
      # @param unit [Units::Unit] the one that is weighed
      # @param role [Symbol]
      # @return [Hash{Patches::Shape => Integer}]
      def needed(unit, role)
        (@needed ||= {})[[unit.class, unit.side_lengths, role]] ||= tallied(unit, named(unit, role))
      end

      private

      def placed
        @placed ||= OakenGauge.units_of(block)
      end

      def same?(one, unit)
        one.unit.instance_of?(unit.class) && one.unit.side_lengths == unit.side_lengths
      end

      # What the fabric of the role is called in the block; anything where the unit is not in it.
      def named(unit, role)
        own = placed.select { |one| same?(one, unit) }
        own.map { |one| one.fabrics[role] } unless own.empty?
      end

      def tallied(unit, names)
        others = placed.reject { |one| same?(one, unit) }
        patches = others.flat_map { |one| one.unit.patches.map { |patch| [patch.shape, one.fabrics[patch.role]] } }
        patches.select { |_, name| names.nil? || names.include?(name) }.map(&:first).tally.transform_values { |each| each * count }
      end
    end
  end
end
