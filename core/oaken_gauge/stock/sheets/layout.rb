# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # One way to lay a cut out on one size of sheet: rows across it, one under the other.
      #
      # - wide, long: Rational inches; rows run along the length
      # - row: Rational inches, the height of a row
      # - rows, per_row: how many rows, and shapes to a row
      # - reach: Proc, from a number of shapes in a row to the inches they take
      # - outlines: Proc, from a number of shapes in a row to their [Polygon]s
      # - marks: Proc likewise, to lines across them
      Layout = Struct.new(:wide, :long, :row, :rows, :per_row, :reach, :outlines, :marks, keyword_init: true) do
        # @return [Integer] shapes that a sheet holds
        def held
          rows * per_row
        end

        # @param count [Integer] shapes on a sheet
        # @return [Array<Integer>] shapes in each of its rows
        def filled(count)
          full, rest = count.divmod(per_row)
          ([per_row] * full) + (rest.zero? ? [] : [rest])
        end

        # What is left of a sheet, cut off from edge to edge, the largest rectangle first.
        #
        # @param count [Integer] shapes on it
        # @return [Array<Array>] left, low, width and height of each piece worth keeping
        def offcuts(count)
          Guillotine.new(wide, long, row, filled(count).map(&reach)).offcuts
        end

        # @param count [Integer]
        # @param repeats [Integer] sheets just like this one
        # @return [Sheet]
        def sheet(count, repeats)
          Sheet.new(size: [wide, long], repeats: repeats, drawing: -> { draw(count) },
                    lines: marks && -> { lines(count) }, offcut: offcuts(count).first)
        end

        private

        def draw(count)
          filled(count).each_with_index.flat_map { |held, i| outlines.call(held).map { |outline| outline.move(0, i * row) } }
        end

        def lines(count)
          filled(count).each_with_index.flat_map do |held, i|
            marks.call(held).map { |line| line.map { |x, y| [x, y + (i * row)] } }
          end
        end
      end
    end
  end
end
