# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A unit in its place on cells.
    # - unit: {Units::Unit}, its lengths in cells; - at: [column, row] of its upper left cell; - span: [columns, rows]
    # - turn: quarter turns clockwise; - mirror: Boolean; - fabrics: {Symbol => String} by seat
    Placement = Struct.new(:unit, :at, :span, :turn, :mirror, :fabrics, keyword_init: true) do
      # @return [Symbol]
      def kind
        unit.class.kind
      end

      # @return [Boolean] whether it is of one fabric
      def plain?
        unit.patches.size == 1
      end

      # @return [Array(Integer, Integer, Integer, Integer)] column, row, columns, rows
      def box
        [*at, *span]
      end

      # @return [Array<Array(Integer, Integer)>] the cells it covers
      def cells
        columns, rows = span
        at.first.upto(at.first + columns - 1).to_a.product(at.last.upto(at.last + rows - 1).to_a)
      end

      # @param fabrics [Hash{Symbol => String}] by seat
      # @return [Hash{String => String}] without those that are as usual
      def self.named(fabrics)
        usual = { light_2: fabrics[:light], dark_2: fabrics[:dark] }
        fabrics.reject { |seat, fabric| usual[seat] == fabric }.transform_keys(&:to_s)
      end

      # @return [Hash{String => String}] its fabrics by name
      def named
        self.class.named(fabrics)
      end

      # @return [Array<Array(String, Array<Array(Numeric, Numeric)>)>] of each patch its fabric, and its corners in cells
      def outlines
        Lying.outlines(unit, fabrics, turn: turn, mirror: mirror, corner: at)
      end

      # @return [Array] what makes two of them the same unit, whichever way they lie; hands are told apart
      def same
        [unit, fabrics]
      end
    end
  end
end
