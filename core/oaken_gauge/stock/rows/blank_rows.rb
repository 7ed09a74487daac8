# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Blanks for a die. A blank is taken whole, and only blanks are counted; that the stock can give
      # them is looked at apart, with the lengthwise grain along the feed where it can be.
      class BlankRows < Rows
        # @return [Allocation]
        def allocation
          best, way = layouts.max_by { |layout, lying| [possible(layout), lying == on_grain ? 1 : 0] }
          return Allocation.refused(too_large) unless best

          blanks(short: shortage(best), off_grain: way != on_grain, squared: best.taken,
                 cut_strips: fabric.cut_to_width?(best.strip) ? { best.strip => best.taken } : {})
        end

        private

        def blanks(**more)
          width, length = cut.size
          Allocation.new(**more, consumed: width * length * cut.count, offcut: 0, taken: cut.count, strips: [], blanks: true,
                         sheets: [Sheet.new(size: cut.size.minmax, repeats: cut.count, drawing: cut.drawing)])
        end

        # Each layout with the way its blanks lie.
        def layouts
          ways.filter_map { |way| layout(way)&.then { |layout| [layout, way] } }
        end

        def layout((across, along))
          strip = fabric.strip_for(across)
          held = (fabric.strip_length / along).floor
          RowLayout.new(strip: strip, length: fabric.strip_length, per_strip: held, count: cut.count) if strip && held.positive?
        end

        # A strip is cut across the cloth, so its width lies along the lengthwise grain, as the feed does.
        def on_grain
          cut.size.reverse
        end

        def ways
          fabric.directional? ? [on_grain] : [on_grain, cut.size].uniq
        end

        # How many of the blanks wanted there are strips for.
        def possible(layout)
          held = fabric.strips_in_stock(layout.strip)
          held ? [held * layout.per_strip, cut.count].min : cut.count
        end
      end
    end
  end
end
