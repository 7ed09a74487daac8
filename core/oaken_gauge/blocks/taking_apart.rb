# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A block taken apart: which ways there are to cut what it looks like into units, and which are best.
    class TakingApart
      # Of so many cells.
      SOON = 64

      # @return [Picture]
      attr_reader :picture
      # @return [Rational] finished side of a cell, inches
      attr_reader :cell
      # @return [Progress]
      attr_reader :progress

      # @param picture [Picture]
      # @param cell [Rational] finished side of a cell, inches
      # @param shades [Hash{Symbol => Integer}] 1 light to 5 dark, of those fabrics for which it is known
      # @param progress [Progress]
      # @yield [unit] so many units of a size
      # @yieldreturn [Weighing::Task] the question how to make them
      def initialize(picture, cell:, shades: {}, progress: Progress.new, &question)
        @picture = picture
        @cell = cell
        @shades = shades
        @progress = progress
        @costs = UnitCosts.new(cell, &question)
        @task = question.call(Units::Square.new(finished: cell, count: 1))
      end

      # @return [Ways]
      def ways
        @ways ||= Ways.new(picture, Placements.new(picture, order, @progress).all, @costs, @task, @progress)
      end

      # @return [Boolean] whether that takes no longer than somebody waits, well under a second
      def soon?
        picture.columns * picture.rows <= SOON
      end

      # @return [Way] the one with a unit on every cell, which takes no looking for
      def cell_by_cell
        Way.new(picture, Placements.new(picture, order).of_one_cell.uniq(&:at), @costs, @task)
      end

      # @param unit [Units::Unit] its lengths in cells
      # @return [Units::Unit] its lengths in inches
      def sized(unit)
        @costs.sized(unit)
      end

      private

      # Where no shade is known a fabric counts as neither light nor dark; of one shade, the alphabet decides.
      def order
        ->(fabric) { [@shades.fetch(fabric.to_sym, 3), fabric] }
      end
    end
  end
end
