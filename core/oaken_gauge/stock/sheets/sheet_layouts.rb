# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # The ways to lay one cut out on one size of sheet: either way round unless the cloth is
      # directional, with the rows along either side.
      class SheetLayouts
        def initialize(fabric, cut, wide, long)
          @fabric = fabric
          @cut = cut
          @wide = wide
          @long = long
        end

        # The one that yields most; at a tie the one with the narrower rows.
        # @return [Layout, nil] nil when nothing fits
        def best
          layouts = @cut.is_a?(Piece) ? piece_layouts : run_layouts
          layouts.compact.select { |layout| layout.held.positive? }.min_by { |layout| [-layout.held, layout.row] }
        end

        private

        def ways_round
          @fabric.directional? ? [[@wide, @long]] : [[@wide, @long], [@long, @wide]].uniq
        end

        def piece_layouts
          ways_round.map do |wide, long|
            across, along = @cut.size
            Layout.new(wide: wide, long: long, row: across, rows: (wide / across).floor, per_row: (long / along).floor,
                       reach: ->(count) { count * along }, outlines: ->(count) { pieces(count, across.to_f, along.to_f) },
                       marks: ->(count) { lines(count, across.to_f, along.to_f) })
          end
        end

        def pieces(count, across, along)
          Array.new(count) { |i| Polygon.rectangle(along, across).move(i * along, 0) }
        end

        def lines(count, across, along)
          Array.new(count) { |i| @cut.marks.map { |line| line.map { |x, y| [(i + x) * along, y * across] } } }.flatten(1)
        end

        def run_layouts
          ways_round.product(@cut.ways).map { |(wide, long), way| run_layout(wide, long, way) }
        end

        def run_layout(wide, long, way)
          tiling = Tiling.of(way[:outline], turning: !@fabric.directional?)
          Layout.new(wide: wide, long: long, row: way[:width], rows: (wide / way[:width]).floor, per_row: tiling.fit(long),
                     reach: tiling.method(:length_of), outlines: tiling.method(:outlines))
        end
      end
    end
  end
end
