# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # One way to lay them all. - taken: [Taken]; - missing: {cut => count}
      Attempt = Struct.new(:taken, :missing, keyword_init: true) do
        # @return [Array<Numeric>] less is better
        def score
          [missing.values.sum, taken.sum(&:area).to_f.round(9), -taken.sum(&:kept_area).to_f]
        end

        # One size of sheet, and one sheet fewer could not hold the pieces, whichever way they lie.
        # @param fabric [SheetGoods]
        # @return [Boolean] whether nothing could take less
        def least?(fabric)
          return false if missing.values.any?(&:positive?) || fabric.rectangles.size > 1

          taken.sum(&:area) - fabric.rectangles.first.first(2).inject(:*) < pieces_area(fabric)
        end

        private

        def pieces_area(fabric)
          missing.keys.sum { |cut| cut.count * cut.forms(fabric.directional?).map(&:area).min }
        end
      end
    end
  end
end
