# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # The cells of a unit on its piece of a foundation sheet, inches from the piece's corner.
    class SheetCells
      # Of a larger piece the corner of so many cells either way is drawn.
      SHOWN = 12

      # @param unit [Units::Unit]
      # @param section [Methods::Foundation::Section]
      # @param printed [Tools::FoundationGrid]
      def initialize(unit, section, printed)
        @unit = unit
        @all = [section&.columns.to_i, section&.rows.to_i]
        @columns, @rows = @all.map { |cells| [cells, SHOWN].min }
        @side = printed&.printed.to_f
        @finished = printed&.cell.to_f
      end

      # @return [Polygon]
      def sheet
        Polygon.rectangle(@columns * @side, @rows * @side)
      end

      # @return [Sides]
      def sides
        Sides.of(sheet.points)
      end

      # @return [Array<Array(Complex, Complex)>] all its printed lines
      def grid
        down + across + sheet.edges
      end

      # Lines between columns; all those of the folded unit where its sides and cells are given.
      # @return [Array<Array(Complex, Complex)>]
      def down(whole = nil, cell = @side)
        box = whole || sides
        (1...(whole ? @all.first : @columns)).map { |x| [Complex.rect(x * cell, box.bottom), Complex.rect(x * cell, box.top)] }
      end

      # Lines between rows.
      # @return [Array<Array(Complex, Complex)>]
      def across(whole = nil, cell = @side)
        box = whole || sides
        (1...(whole ? @all.last : @rows)).map { |y| [Complex.rect(box.left, y * cell), Complex.rect(box.right, y * cell)] }
      end

      # @return [Array<Complex>] where folds cross
      def crossings
        (1...@columns).to_a.product((1...@rows).to_a).map { |x, y| Complex.rect(x, y) * @side }
      end

      # @param share [Numeric] how much of its cell each fills
      # @return [Array<Layer>] the patches of each cell, row upon row
      def layers(share)
        (@layers ||= {})[share] ||= (0...@rows).to_a.product((0...@columns).to_a).flat_map do |row, column|
          cell(Complex.rect(column, row), share)
        end
      end

      private

      def cell(place, share)
        middle = place + 0.5 + 0.5i
        in_cell(place).map { |layer| layer.turn { |point| (middle + (((point / @finished) - middle) * share)) * @side } }
      end

      def in_cell(place)
        window = Polygon.rectangle(@finished, @finished).floating.move(place * @finished)
        @unit.patches.flat_map do |patch|
          parts = patch.outline.floating.clip(window).select { |part| part.area > Outside::LEAST }
          parts.map { |part| Layer.new(patch.role, part, false) }
        end
      end
    end
  end
end
