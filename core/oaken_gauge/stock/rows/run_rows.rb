# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Shapes tiled along strips, each turned half round. Every strip starts afresh.
      class RunRows < Rows
        private

        def layouts
          strip = fabric.strip_for(cut.width)
          return [] unless strip && held.positive?

          [RowLayout.new(strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count,
                         reach: tiling.method(:length_of), outlines: tiling.method(:outlines))]
        end

        def tiling
          @tiling ||= Tiling.new(cut.outline, turning: !fabric.directional?)
        end

        def held
          @held ||= tiling.fit(fabric.strip_length)
        end

        def too_large
          return strip_too_narrow(cut.width) unless fabric.strip_for(cut.width)

          strip_too_short(Grid.new(1/8r).ceil(cut.outline.width))
        end
      end
    end
  end
end
