# frozen_string_literal: true

module OakenGauge
  module Quilts
    # A quilt as it will look, inches from the upper left corner of what is within its borders, downwards: each kind of block
    # once, where blocks lie, what lies between them.
    class Drawing
      # A block in the quilt. - block: which kind; - middle: [x, y]; - turned: degrees clockwise
      Place = Struct.new(:block, :middle, :turned, keyword_init: true)

      # @param entries [Array<Array(Blocks::UnitsOf, Integer)>]
      # @param setting [Blocks::Setting]
      # @param layout [Layout]
      def initialize(entries, setting, layout)
        @entries = entries
        @setting = setting
        @layout = layout
      end

      # @return [Array<Array>] of each kind of block its patches: fabric and corners
      def blocks
        @entries.map { |units, _| units.outlines }
      end

      # @return [Array(Rational, Rational)] width and height of a block
      def block
        @entries.first.first.size
      end

      # @return [Array(Numeric, Numeric)] width and height within the borders
      def size
        @layout.size
      end

      # @return [Array<Place>]
      def places
        order.zip(@layout.middles).map { |block, middle| Place.new(block: block, middle: middle, turned: @layout.turned) }
      end

      # @return [Array<Array(String, Array)>] fabric and corners of what lies between blocks; what sticks out is cut off
      def filling
        @layout.filling.map { |what, corners| [@setting.fabrics[what == :sash ? :sashing : :cornerstones], corners] }
      end

      # @return [Array<Blocks::Setting::Border>] from the inside out
      def borders
        @setting.borders
      end

      # @return [String, nil]
      def ground
        @setting.fabrics[:triangles]
      end

      private

      # Which block lies at each place, row by row.
      def order
        return @setting.place.flatten if @setting.place
        return between if between?

        @entries.each_with_index.flat_map { |(_, count), place| [place] * count }
      end

      # Of two kinds of block on point the second lies between, where there are as many as fit there.
      def between?
        counts = @entries.map(&:last)
        levels = @layout.rows.each_slice(2).map(&:first).sum
        @layout.turned.positive? && counts.size == 2 && counts.first == levels
      end

      def between
        @layout.rows.each_with_index.flat_map { |count, row| [row % 2] * count }
      end
    end
  end
end
