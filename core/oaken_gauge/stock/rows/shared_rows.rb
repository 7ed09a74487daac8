# frozen_string_literal: true

module OakenGauge
  module Stock
    module Rows
      # Several cuts along strips of one fabric: those of one strip width go on where the one before ended.
      class SharedRows
        # @param rows [Array<Rows>] one a cut
        def initialize(rows)
          @rows = rows
          @open = {}
        end

        # @return [Array<Allocation>] in the same order
        def allocations
          @rows.map { |rows| rows.best && @open[rows.best.strip] ? beside(rows) : opened(rows) }
        end

        private

        def opened(rows)
          rows.allocation.tap { |allocation| remember(rows.best, allocation) if rows.best }
        end

        # What its last strip has left is there for the next.
        def remember(layout, allocation)
          rest = layout.count % layout.per_strip
          @open[layout.strip] = [allocation, rest.zero? ? layout.length : layout.form.reach.call(rest)]
        end

        def beside(rows)
          layout = rows.best
          allocation, reached = @open[layout.strip]
          here = [layout.form.per.call(layout.length - reached), layout.count].min
          return opened(rows) unless saves?(layout, here)

          @open[layout.strip] = [allocation, filled(allocation, layout, reached, here)]
          rest(rows, layout.count - here)
        end

        # Where no strip is saved, each cut has its own, and what is left of them is larger.
        def saves?(layout, here)
          ((layout.count - here) / layout.per_strip.to_r).ceil < layout.taken
        end

        # @return [Numeric] how far the strip is filled now, inches
        def filled(allocation, layout, reached, here)
          end_of = reached + layout.form.reach.call(here)
          before = allocation.sheets.last
          allocation.sheets[-1] = after = with(before, layout, reached, here)
          allocation.offcut += area(after.offcut) - area(before.offcut)
          end_of
        end

        def with(sheet, layout, reached, here)
          drawing = -> { sheet.outlines + layout.form.outlines.call(here).map { |one| one.move(reached, 0) } }
          kept = layout.offcut(reached + layout.form.reach.call(here))
          Sheet.new(size: sheet.size, repeats: 1, lines: sheet.lines, offcut: kept, drawing: drawing)
        end

        def area(offcut)
          offcut ? offcut[2] * offcut[3] : 0
        end

        def rest(rows, count)
          return Allocation.new(consumed: 0, offcut: 0, taken: 0, strips: [], sheets: []) if count.zero?

          part = RowLayout.new(**rows.best.to_h, count: count)
          rows.allocation_of(part).tap { |allocation| remember(part, allocation) }
        end
      end
    end
  end
end
