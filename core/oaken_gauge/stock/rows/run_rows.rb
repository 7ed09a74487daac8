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
          return unless held.positive?

          RowLayout.new(strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count,
                        reach: ->(count) { cut.layers * tiling.length_of((count / cut.layers.to_r).ceil) },
                        outlines: ->(count) { tiling.outlines((count / cut.layers.to_r).ceil) })
        end

        def too_large
          narrowest = cut.ways.map { |way| way[:width] }.min
          return strip_too_narrow(narrowest) unless fabric.strip_for(narrowest)

          strip_too_short(Grid.new(1/8r).ceil(cut.ways.map { |way| way[:outline].width }.min * cut.layers))
        end
      end
    end
  end
end
