# frozen_string_literal: true

module OakenGauge
  module Blocks
    # One way to cut a block into units: where each lies, what plain pieces fill the rest, and what it all comes to.
    class Way
      # What twice the patches are worth less: there are twice the chances for error, from the cutting to the joining, and no
      # method that is picked later takes them away.
      CHANCES = 2

      # @return [Array<Placement>] units of triangles, row by row
      attr_reader :triangles

      # @param picture [Picture]
      # @param triangles [Array<Placement>] beside one another; what they leave bare is plain
      # @param costs [UnitCosts]
      # @param task [Weighing::Task] whose priorities and maker it is looked at by
      def initialize(picture, triangles, costs, task)
        @picture = picture
        @triangles = triangles.sort_by { |placement| placement.at.reverse }
        @costs = costs
        @task = task
        @joining = StraightSeams.new(first_fabrics, @triangles.map(&:box))
      end

      # @return [Boolean] whether seams from edge to edge join it all
      def straight?
        @joining.possible?
      end

      # @return [Array<Placement>] everything in it, row by row
      def pieces
        @pieces ||= (triangles + @joining.plain.map { |box| plain(box) }).sort_by { |placement| placement.at.reverse }
      end

      # @return [Integer] each joins two pieces
      def seams
        patches - 1
      end

      # @return [Boolean] whether there is a method for every unit
      def known?
        pieces.all? { |piece| @costs.of(piece.unit) }
      end

      # @return [Float] fabric used, square inches
      def net
        sum(&:net)
      end

      # @return [Float] minutes for its units and the seams that join them
      def minutes
        sum(&:minutes) + (@joining.lengths.sum { |cells| joining_seconds(cells * @costs.cell) } / 60.0)
      end

      # @return [Float] the share of blocks in which all units are good
      def good
        @good ||= each_cost.map(&:good).reduce(1.0, :*)
      end

      # @return [Float] on the scales of {Comparing::Figures}, by the maker's priorities; more is better
      def score
        @score ||= begin
          weights = @task.priorities
          total = weights.values.sum
          total.zero? ? 0.0 : weights.sum { |name, weight| weight * worth.fetch(name) } / total.to_f
        end
      end

      # @return [Hash{Units::Unit => Integer}] how many there are of each unit of triangles, whatever their fabrics
      def kinds
        @kinds ||= triangles.map(&:unit).tally
      end

      private

      def first_fabrics
        @picture.rows_of_cells.map { |row| row.map(&:first) }
      end

      # A plain piece is told lying; one that stands is turned.
      def plain(box)
        column, row, columns, rows = box
        stands = rows > columns
        kind = columns == rows ? Units::Square : Units::Rectangle
        values = kind.on_cells.call(*[columns, rows].minmax.reverse).first
        Placement.new(unit: kind.new(**values, **kind.so_many(1)), at: [column, row], span: [columns, rows], turn: stands ? 1 : 0,
                      mirror: false, fabrics: { patch: @picture.at(column, row, 0) })
      end

      def patches
        @patches ||= pieces.sum { |piece| piece.unit.patches.size }
      end

      def each_cost
        pieces.map { |piece| @costs.of(piece.unit) }
      end

      def sum(&)
        each_cost.sum(&)
      end

      def joining_seconds(inches)
        maker = @task.maker
        (inches * maker.seconds(:sew_inch)) + maker.seconds(:sew_start) + maker.seconds(maker.opens_seams? ? :press_open : :press)
      end

      def worth
        { fabric: -Math.log2(net / finished), time: -Math.log2(minutes), accuracy: good - (CHANCES * Math.log2(patches)),
          surplus: -Math.log2(1 + surplus), ease: -difficulty / Comparing::Figures::HARDER }
      end

      def surplus
        sum(&:surplus) / finished
      end

      # Of each kind of unit once: what was learnt is known.
      def difficulty
        pieces.map(&:unit).uniq.sum { |unit| @costs.of(unit).difficulty }
      end

      def finished
        @picture.columns * @picture.rows * (@costs.cell**2)
      end
    end
  end
end
