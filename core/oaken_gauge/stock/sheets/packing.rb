# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # Laying a cut out on sheets. Sheets are taken whole: as many as the yield of one asks for, and of
      # scraps the smallest that does for what is still missing, or else the one that yields most.
      class Packing
        def initialize(fabric, cut, measure)
          @fabric = fabric
          @cut = cut
          @measure = measure
        end

        # @return [Allocation]
        def allocation
          return Allocation.refused(too_small) if layouts.empty?

          taken = take
          missing = @cut.count - taken.sum { |layout, count, repeats| [count, layout.held].min * repeats }
          allocated(taken).tap { |allocation| allocation.short = short(missing) if missing.positive? }
        end

        private

        def layouts
          @layouts ||= @fabric.rectangles.filter_map do |wide, long, count|
            best = SheetLayouts.new(@fabric, @cut, wide, long).best
            [best, count] if best
          end
        end

        # Layout, shapes on each sheet, and sheets, for all that is taken.
        def take
          left = @cut.count
          stock = most_first
          taken = []
          until left.zero? || stock.empty?
            chosen = choose(stock, left)
            sheets = sheets_of(chosen, left)
            taken.push(*filled(chosen.first, [sheets * chosen.first.held, left].min))
            left -= [sheets * chosen.first.held, left].min
            use(stock, chosen, sheets)
          end
          taken
        end

        def most_first
          layouts.each_with_index.sort_by { |(layout, _), i| [-layout.held, i] }.map { |entry, _| entry.dup }
        end

        # Those that yield most come first.
        def choose(stock, left)
          return stock.first if stock.first.first.held < left

          stock.select { |layout, _| layout.held >= left }.min_by { |layout, _| layout.wide * layout.long }
        end

        # Whole sheets of one size at once; the last, not full, is chosen anew among the scraps.
        def sheets_of((layout, count), left)
          wanted = layouts.one? ? (left / layout.held.to_r).ceil : [left / layout.held, 1].max
          [wanted, count].compact.min
        end

        def use(stock, chosen, sheets)
          return stock.delete_at(stock.index { |entry| entry.equal?(chosen) }) if chosen.last && chosen.last <= sheets

          chosen[1] -= sheets if chosen.last
        end

        def filled(layout, count)
          full, rest = count.divmod(layout.held)
          [[layout, layout.held, full], [layout, rest, 1]].reject { |_, held, repeats| held.zero? || repeats.zero? }
        end

        def allocated(taken)
          Allocation.new(consumed: taken.sum { |layout, _, repeats| layout.wide * layout.long * repeats },
                         offcut: taken.sum { |layout, count, repeats| layout.offcuts(count).sum { |piece| piece[2] * piece[3] } * repeats },
                         taken: taken.sum(&:last), strips: [], sheets: taken.map { |layout, count, repeats| layout.sheet(count, repeats) })
        end

        def short(missing)
          say = "The #{@fabric.called(@measure)} of #{@cut.role} give #{@cut.count - missing} of #{@cut.count} pieces: "
          Problem.new(code: :short, say: "#{say}#{missing} are missing. Find more, or make fewer.")
        end

        def too_small
          Problem.new(code: :precut_too_small, say: "No piece fits on the #{@fabric.called(@measure)} of #{@cut.role}. " \
                                                    "Use a larger cut of cloth, or a method that cuts smaller.")
        end
      end
    end
  end
end
