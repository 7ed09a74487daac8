# frozen_string_literal: true

module OakenGauge
  module Quilts
    # The units of blocks, counted: equal ones together, however they are turned and whatever their fabrics are called.
    class UnitsInBlocks
      # Equal units. - unit: {Units::Unit}, asked for so often; - fabrics: {Symbol => String} by seat; - left, right: how many
      #   of each hand, where it has hands
      Counted = Struct.new(:unit, :fabrics, keyword_init: true) do
        # @param other [Units::Unit] however many of it
        # @param named [Hash{Symbol => String}] its fabrics by role
        # @return [Boolean] whether that is the same unit of the same fabrics
        def made_as?(other, named)
          bare(other) == bare(unit) && named == fabrics.slice(*unit.class.roles)
        end

        private

        def bare(unit)
          [unit.class.kind, unit.lying.to_document.except("count")]
        end
      end

      # @param entries [Array<Array(Array<Blocks::Placed>, Integer)>] the units of each block, and how often it is made
      # @param order [Proc] from a fabric's name to what it is sorted by
      def initialize(entries, order)
        @entries = entries
        @order = order
      end

      # @return [Array<Counted>] those of which there are most first
      def all
        tally.sort_by.with_index { |(_, hands), i| [-hands.values.sum, i] }.map do |(unit, fabrics), hands|
          Counted.new(unit: unit.with(**asked(unit, hands)), fabrics: fabrics)
        end
      end

      private

      def tally
        @entries.each_with_object({}) do |(placed, times), all|
          placed.each do |one|
            fabrics, mirror = named(one)
            hands = (all[[one.unit.lying, fabrics]] ||= Hash.new(0))
            hands[mirror] += times
          end
        end
      end

      def named(placed)
        told = placed.fabrics.slice(*placed.unit.class.roles, *placed.unit.seats)
        placed.unit.class.namings(told, placed.mirror).min_by { |fabrics, mirror| [fabrics.values.map(&@order), mirror ? 1 : 0] }
      end

      def asked(unit, hands)
        unit.hands ? { hands: { left: hands[false], right: hands[true] } } : { count: hands.values.sum }
      end
    end
  end
end
