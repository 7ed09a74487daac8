# frozen_string_literal: true

module OakenGauge
  module Weighing
    # Where the cloth of one fabric goes, in square inches. The four parts add up to what is consumed:
    # what is lost is what is left when the others are taken away, and that is never less than nothing.
    #
    # - allocations: [Stock::Allocation] what was taken from stock
    # - in_units, surplus: Float
    class Cloth
      # @return [Float]
      attr_reader :in_units, :surplus

      def initialize(allocations:, in_units:, surplus:)
        @allocations = allocations
        @consumed = allocations.sum(&:consumed).to_f
        @offcut = allocations.sum(&:offcut).to_f
        @in_units = in_units
        @surplus = surplus
      end

      # @return [Float] taken from stock
      attr_reader :consumed
      # @return [Float] back on the shelf
      attr_reader :offcut

      # @return [Float] tips, trimmings, rounding, slivers
      def lost
        consumed - in_units - surplus - offcut
      end

      # @return [Integer] strips, precuts, scraps or blanks
      def taken
        @allocations.sum(&:taken)
      end

      # @return [Array<Array(Rational, Integer)>] widths and counts of strips
      def strips
        @allocations.flat_map(&:strips)
      end

      # @return [Array<Stock::Sheet>]
      def sheets
        @allocations.flat_map(&:sheets)
      end
    end
  end
end
