# frozen_string_literal: true

module OakenGauge
  module Layout
    # All cuts of one fabric, laid on what is taken of it. - sheets: [Sheet]; - missing: {cut => count}, what found no place
    Laid = Struct.new(:sheets, :missing, keyword_init: true) do
      # @return [Array<Numeric>] less is better
      def score
        [missing.values.sum, sheets.sum(&:area).to_f.round(9), -sheets.sum(&:kept_area).to_f]
      end

      # @return [Array<Cut>] of which some found no place
      def short
        missing.select { |_, count| count.positive? }.keys
      end

      # One size of sheet, and one sheet fewer could not hold the pieces, whichever way they lie.
      # @param fabric [Fabrics::Fabric]
      # @return [Boolean] whether nothing could take less
      def least?(fabric)
        return false if short.any? || fabric.rectangles.size > 1

        sheets.sum(&:area) - fabric.rectangles.first.first(2).inject(:*) < pieces_area(fabric)
      end

      # A sheet belongs to the cut that it was opened for; the cuts that share it are laid on it too.
      # @return [Array<Sheet>]
      def opened_for(cut)
        sheets.select { |sheet| sheet.opener.equal?(cut) }
      end

      # @return [Array<Array(Row, Sheet)>] a cut's rows, each with the sheet it lies on
      def rows_of(cut)
        sheets.flat_map { |sheet| sheet.rows.select { |row| row.cut.equal?(cut) }.map { |row| [row, sheet] } }
      end

      private

      def pieces_area(fabric)
        missing.keys.sum { |cut| cut.count * cut.forms(fabric.directional?).map(&:area).min }
      end
    end
  end
end
