# frozen_string_literal: true

module OakenGauge
  module Methods
    module Foundation
      # A part of a foundation sheet that is laid, fused, folded and sewn as one: so many columns and rows of its cells. All
      # folds between columns come first, as long as the printed cells; the allowances are snipped where both ways cross; then
      # come the folds between rows, which are as long as what is seen of the cells by then, and an allowance at either end.
      #
      # @example The two cells of a goose
      #   Section.new(sheet, 2, 1).snips   # => 0
      class Section
        # Folds that are sewn one way. - count; - length: Rational inches of each
        Folds = Struct.new(:count, :length, keyword_init: true)

        # @param sheet [Tools::FoundationGrid]
        # @param columns [Integer]
        # @param rows [Integer]
        def initialize(sheet, columns, rows)
          @sheet = sheet
          @columns = columns
          @rows = rows
        end

        # @return [Integer]
        attr_reader :columns, :rows

        # @return [Integer] cells
        def size
          columns * rows
        end

        # @return [Folds] between columns
        def first_folds
          Folds.new(count: columns - 1, length: rows * @sheet.printed)
        end

        # @return [Folds] between rows; the first there are where there is one column only
        def second_folds
          Folds.new(count: rows - 1, length: (columns * @sheet.cell) + (2 * @sheet.made_for_seam))
        end

        # @return [Integer] where folds cross
        def snips
          first_folds.count * second_folds.count
        end

        # @return [Array(Rational, Rational)] unfinished height and width when all is folded, inches
        def unfinished
          [rows, columns].map { |cells| (cells * @sheet.cell) + (2 * @sheet.made_for_seam) }
        end

        # @return [Integer] of them from one sheet
        def per_sheet
          beside * above
        end

        # A sheet is cut into strips, and these into pieces.
        # @param count [Integer] of them
        # @return [Integer] cuts for them all
        def cuts(count)
          full, rest = count.divmod(per_sheet)
          count + (full * above) + rest.fdiv(beside).ceil
        end

        private

        def beside
          held.first
        end

        def above
          held.last
        end

        # Side by side and above one another, the way round that gives more.
        def held
          ways = [[columns, rows], [rows, columns]].map { |wide, high| [@sheet.columns / wide, @sheet.rows / high] }
          @held ||= ways.max_by { |side_by_side, over| side_by_side * over }
        end
      end
    end
  end
end
