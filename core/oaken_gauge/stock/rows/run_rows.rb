# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Shapes tiled along strips, each turned half round. Every strip starts afresh. A folded strip is
      # tiled on half its length, two layers at a time.
      class RunRows < Rows
        # @return [Problem]
        def too_large
          return strip_too_narrow(cut.least_width) unless fabric.strip_for(cut.least_width)

          strip_too_short(Grid.new(1/8r).ceil(cut.least_length))
        end

        private

        def layouts
          cut.tilings(fabric.directional?).filter_map { |way, tiling| layout(way, tiling) }
        end

        def layout(way, tiling)
          strip = fabric.strip_for(way[:width]) or return
          held = cut.layers * tiling.fit(fabric.strip_length / cut.layers.to_r)
          row_layout(strip, held, tiling) if held.positive?
        end

        def row_layout(strip, held, tiling)
          layers = cut.layers
          places = cut.method(:places)
          RowLayout.new(strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count,
                        fit: ->(length) { layers * tiling.fit(length / layers.to_r) },
                        reach: ->(count) { layers * tiling.length_of(places.call(count)) },
                        outlines: ->(count) { tiling.outlines(places.call(count)) })
        end
      end
    end
  end
end
