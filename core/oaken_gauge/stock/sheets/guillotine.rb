# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # What is left of a sheet once its rows are filled: cuts run from edge to edge of what is still
      # whole, and the one that frees the largest rectangle is made first.
      class Guillotine
        # @param wide [Rational] inches across the rows
        # @param long [Rational] inches along them
        # @param row [Rational] inches, height of a row
        # @param reaches [Array<Numeric>] how far the shapes of each row go, the fullest rows first
        def initialize(wide, long, row, reaches)
          @wide = wide
          @long = long
          @row = row
          @reaches = reaches
        end

        # @return [Array<Array>] left, low, width and height of each piece worth keeping, largest first
        def offcuts
          kept = [*freed, beside_last].select { |_, _, width, height| Offcut.worth_keeping?(width, height) }
          kept.sort_by { |piece| -area(piece) }
        end

        private

        # Above the rows along the whole sheet and beside them, or beside along all of it and above: the
        # way round that has the larger first piece.
        def freed
          above = [0, used, @long, @wide - used]
          beside = [reach, 0, @long - reach, @wide]
          return [above, [reach, 0, @long - reach, used]] if area(above) >= area(beside)

          [beside, [0, used, reach, @wide - used]]
        end

        def area(piece)
          piece[2] * piece[3]
        end

        def used
          @reaches.size * @row
        end

        def reach
          @reaches.max
        end

        # Beside a last row that is not full, within the length of the others.
        def beside_last
          [@reaches.last, used - @row, reach - @reaches.last, @row]
        end
      end
    end
  end
end
