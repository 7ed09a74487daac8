# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Squares and rectangles along strips. Both ways round are tried unless the cloth is
      # directional; the one that takes less cloth is used.
      class PieceRows < Rows
        private

        def layouts
          ways.filter_map { |across, along| layout(across, along) }
        end

        def ways
          fabric.directional? ? [cut.size] : [cut.size, cut.size.reverse].uniq
        end

        def layout(across, along)
          strip = fabric.strip_for(across)
          held = (fabric.strip_length / along).floor
          row_layout(strip, held, along, [across.to_f, along.to_f]) if strip && held.positive?
        end

        def row_layout(strip, held, along, drawn)
          RowLayout.new(strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count,
                        fit: ->(length) { (length / along).floor }, reach: ->(count) { count * along },
                        outlines: ->(count) { outlines(count, *drawn) }, marks: ->(count) { marks(count, *drawn) })
        end

        def outlines(count, across, along)
          Array.new(count) { |i| Polygon.rectangle(along, across).move(i * along, 0) }
        end

        def marks(count, across, along)
          Array.new(count) { |i| cut.marks.map { |line| line.map { |x, y| [(i + x) * along, y * across] } } }.flatten(1)
        end
      end
    end
  end
end
