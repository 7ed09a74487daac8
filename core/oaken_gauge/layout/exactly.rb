# frozen_string_literal: true

module OakenGauge
  module Layout
    # Few rectangles on sheets, over every layout that cuts from edge to edge can make: of those with fewest pieces missing the one
    # that takes least. For every part of what is wanted the sheets that hold it are known ({Frames}), and so the least that gives
    # each part ({SheetsTaken}).
    class Exactly
      # Sheets of more sizes than this are too many.
      MOST_SIZES = 60

      class << self
        # @param fabric [Fabrics::Fabric]
        # @param cuts [Array<Cut>]
        # @param laid [Laid] as they lie already
        # @return [Laid, nil] nil where that cannot be better, some are no rectangles, or there are too many
        def instead_of(laid, fabric, cuts)
          return unless worth_while?(laid, fabric, cuts) && cuts.all?(Piece) && fabric.rectangles.size <= MOST_SIZES

          one = new(fabric, cuts, laid.short.any? ? cuts.sum(&:count) : laid.sheets.sum(&:repeats))
          one.best if one.few?
        end

        private

        # Of several cuts, where some are short. Of one, where rows might not be the best: those of squares, and of what may not be
        # turned, are.
        def worth_while?(laid, fabric, cuts)
          return false if laid.least?(fabric)

          cuts.one? ? turned?(fabric, cuts.first) : laid.short.any?
        end

        def turned?(fabric, cut)
          ways = fabric.ways(cut)
          ways.size > 1 && !ways.first.last.square
        end
      end

      # @param fabric [Fabrics::Fabric]
      # @param cuts [Array<Piece>]
      # @param most [Integer] sheets that do where all are of one size
      def initialize(fabric, cuts, most)
        @fabric = fabric
        @cuts = cuts
        @sizes = fabric.rectangles
        @frames = Frames.new(cuts.map { |cut| ways(cut) }, on_one, @sizes.map { |size| size.first(2) })
        @taken = SheetsTaken.new(@sizes, @frames, cuts.map(&:count), on_one, @sizes.one? ? most : cuts.sum(&:count))
      end

      # @return [Boolean]
      def few?
        @frames.few? && @taken.few?
      end

      # @return [Laid]
      def best
        taken = @taken.chosen
        missing = @cuts.each_with_index.to_h { |cut, i| [cut, cut.count - taken.sum { |_, counts| counts[i] }] }.compare_by_identity
        Laid.new(sheets: taken.tally.map { |(place, counts), repeats| laid(place, counts, repeats) }, missing: missing)
      end

      private

      def ways(cut)
        sizes = @fabric.directional? || cut.upright ? [cut.size] : [cut.size, cut.size.reverse].uniq
        sizes.map { |size| size.map(&:to_r) }
      end

      # How many of each can lie on one sheet at the most.
      def on_one
        largest = @sizes.map { |wide, long, _| wide * long }.max
        @cuts.map { |cut| [cut.count, (largest / cut.size.inject(:*)).floor].min }
      end

      def laid(place, counts, repeats)
        wide, long, = @sizes[place]
        rows = []
        free = []
        space = Space.new(x: 0, y: 0, long: long, wide: wide)
        Dividing.new(@frames).call(counts, space) { |part, its| its.sum.zero? ? free << part : fill(part, its, rows, free) }
        Sheet.new(long: long, wide: wide, repeats: repeats, rows: rows, free: free, opener: @cuts[counts.index(&:positive?)])
      end

      # Pieces of one cut, in rows that hold them.
      def fill(space, counts, rows, free)
        place = counts.index(&:positive?)
        filling = Filling.new(@cuts[place], @fabric.packing(@cuts[place], 0))
        filling.fill(space, counts[place])
        rows.concat(filling.rows)
        free.concat(filling.free)
      end
    end
  end
end
