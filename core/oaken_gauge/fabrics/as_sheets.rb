# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # How fabric is laid out that is taken whole, in rectangles, and cut from edge to edge. A bolt and strips say otherwise
    # where it is so.
    module AsSheets
      # More sizes of sheet than everything is tried on.
      MANY_SIZES = 60

      # @return [Boolean] whether its grain is known
      def grain?
        false
      end

      # @return [Boolean] whether every order of cuts, and blocks beside blocks, are tried on it
      def searched?
        rectangles.size <= MANY_SIZES
      end

      # The ways that a cut may lie in rows, and whether these run across a sheet.
      # @param cut [Layout::Cut]
      # @return [Array<Array(Boolean, Layout::Form)>]
      def ways(cut)
        [false, *(directional? || cut.upright? ? nil : true)].product(cut.forms(directional?))
      end

      # @param cut [Layout::Cut]
      # @param depth [Integer]
      # @return [Layout::Packing] how it is laid in rectangles, worked out once for all cuts that lie alike
      def packing(cut, depth)
        (@packings ||= {})[[cut.likeness, depth]] ||= Layout::Packing.new(self, cut, depth: depth)
      end

      # @param _ways [Array<Array(Boolean, Layout::Form)>] of all cuts
      # @return [Array] width, length and count of each size of sheet to be had
      def sizes(_ways)
        rectangles
      end

      # @param cut [Layout::Cut]
      # @return [Integer] how many of it one sheet gives, the largest
      def held_by_one(cut)
        packing = packing(cut, 0)
        sizes(packing.ways).map { |wide, long, _| packing.held(long, wide) }.max || 0
      end

      # @param cut [Layout::Cut]
      # @return [Boolean] whether it might hold all of it, by the area of each sheet
      def room?(cut)
        packing = packing(cut, 0)
        holds.nil? || rectangles.sum { |wide, long, number| number * packing.most(long, wide) } >= cut.count
      end

      # @param form [Layout::Form]
      # @return [Integer] how many stand in the longest row of it
      def held_along(form)
        sizes([[false, form]]).map { |wide, long, _| rows_across(form, wide).positive? ? form.per.call(long) : 0 }.max
      end

      # @param form [Layout::Form]
      # @return [Integer] rows that go one beside the other across so many inches
      def rows_across(form, across)
        (across / form.width).floor
      end

      # @return [Boolean] whether the rest of a sheet is cut off across before anything else
      def crosscut_first?
        false
      end

      # A row is cut off once, and a piece; the last ones have the sheet's own edges.
      # @param sheets [Array<Layout::Sheet>] that were taken for a cut
      # @param rows [Array<Array(Layout::Row, Layout::Sheet)>] its rows, and where they lie
      # @return [Hash] what there is to cut: strips of each width, pieces, and edges to square up first
      def work(sheets, rows)
        strips = rows.reject { |row, sheet| sheet.last?(row) }.group_by { |row, _| row.form.width }
        { cut_strips: strips.transform_values { |same| same.sum { |_, sheet| sheet.repeats } },
          subcuts: rows.sum { |row, sheet| sheet.subcuts(row) }, squared: sheets.reject(&:whole?).sum(&:repeats) }
      end

      # @param _sheets [Array<Layout::Sheet>]
      # @return [Array] widths and counts of strips that were taken: none
      def strips_of(_sheets)
        []
      end
    end
  end
end
