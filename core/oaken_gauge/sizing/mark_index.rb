# frozen_string_literal: true

module OakenGauge
  module Sizing
    # Which marks of a drawer make a patch or a unit of a size, ready to be looked up often.
    class MarkIndex
      # @param drawer [Tools::Drawer]
      # @param seam [Rational] inches
      def initialize(drawer, seam)
        @rulers = drawer.of(Tools::StraightRuler)
        presses = drawer.of(Tools::DiePress)
        @made = drawer.select { |tool| tool.made_for_seam == seam && tool.usable_with?(presses) }
        @grids, @trimmers = [Tools::FoundationGrid, Tools::UnitTrimmer].map { |kind| @made.grep(kind) }
        @units = whole_units.group_by { |mark| [mark.makes, [mark.finished].flatten.first] }
        @shapes = {}
        @seam = seam
      end

      # The marks that a unit falls on: those of a tool for the whole unit, and those for its patches
      # when every patch has one. A square or rectangle needs a line of a straight ruler.
      #
      # @param unit [Units::Unit]
      # @return [Array<Tools::Mark>] none when the unit cannot be made of marks
      def marks(unit)
        whole = @units.fetch([unit.class.kind, unit.measure_on_beam], []) + trimming(unit) + cells(unit)
        patches = unit.shapes.map { |shape| for_shape(shape) }
        whole + (patches.any?(&:empty?) ? [] : patches.flatten)
      end

      private

      def whole_units
        @made.grep(Tools::SeamLockTrimmer).flat_map(&:trim_marks) + @made.grep(Tools::GeeseTrimmer).flat_map(&:marks)
      end

      def trimming(unit)
        @trimmers.flat_map { |tool| tool.marks_trimming(unit.class.kind, unit.measure_on_beam + (2 * @seam)) }
      end

      def for_shape(shape)
        found = @shapes[shape] ||= @made.flat_map { |tool| tool.marks_making(shape) }
        plain?(shape) ? found + lines(shape) : found
      end

      def plain?(shape)
        %i[square rectangle].include?(shape.kind)
      end

      def lines(shape)
        size = shape.piece_size(@seam)
        @rulers.select { |ruler| size.all? { |side| ruler.grid.on?(side) } && size.max <= ruler.reach }.map do |ruler|
          Tools::Mark.new(tool: ruler, makes: shape.kind, printed: size.first.rationalize(1/10_000r), reads: :cut)
        end
      end

      def cells(unit)
        @grids.select { |grid| grid.holds?(unit) && unit.cells(grid.cell) }
              .map { |grid| Tools::Mark.new(tool: grid, makes: unit.class.kind, printed: grid.cell, reads: :finished) }
      end
    end
  end
end
