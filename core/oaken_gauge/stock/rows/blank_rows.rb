# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Blanks for a die. A blank is taken whole, and only blanks are counted; that the stock can give
      # them is looked at apart, with the lengthwise grain along the feed where it can be.
      class BlankRows < Rows
        # @return [Allocation]
        def allocation
          best = layouts.max_by { |layout| [possible(layout), on_grain?(layout) ? 1 : 0] }
          best ? counted(best) : Allocation.refused(too_large)
        end

        private

        def counted(layout)
          Allocation.new(consumed: cut.size.inject(:*) * cut.count, offcut: 0, taken: cut.count, strips: [], blanks: true,
                         short: shortage(layout), off_grain: !on_grain?(layout), squared: layout.taken, cut_strips: cut_strips(layout),
                         sheets: [Sheet.new(size: cut.size.minmax, repeats: cut.count, drawing: cut.drawing)])
        end

        # So they lie first.
        def on_grain?(layout)
          layout.form.equal?(forms.first)
        end

        def cut_strips(layout)
          fabric.cut_to_width?(layout.strip) ? { layout.strip => layout.taken } : {}
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
