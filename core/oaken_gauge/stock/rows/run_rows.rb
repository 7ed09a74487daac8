# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Shapes tiled along strips, each turned half round. Every strip starts afresh. A folded strip is
      # tiled on half its length, two layers at a time.
      class RunRows < Rows
        private

        def layouts
          cut.ways.filter_map { |way| layout(way) }
        end

        def layout(way)
          strip = fabric.strip_for(way[:width]) or return
          tiling = Tiling.new(way[:outline], turning: !fabric.directional?)
          held = cut.layers * tiling.fit(fabric.strip_length / cut.layers.to_r)
          row_layout(strip, held, tiling) if held.positive?
        end

        def row_layout(strip, held, tiling)
          RowLayout.new(strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count,
                        reach: ->(count) { cut.layers * tiling.length_of(cut.cuts_needed(count)) },
                        outlines: ->(count) { tiling.outlines(cut.cuts_needed(count)) })
        end

        def too_large
          return strip_too_narrow(cut.least_width) unless fabric.strip_for(cut.least_width)

          strip_too_short(Grid.new(1/8r).ceil(cut.ways.map { |way| way[:outline].width }.min * cut.layers))
        end
      end
    end
  end
end
