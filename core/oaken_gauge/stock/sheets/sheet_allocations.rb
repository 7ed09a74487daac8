# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # What each cut of one fabric takes from its sheets. A sheet belongs to the cut that it was opened for; the cuts
      # that share it are laid on it too.
      class SheetAllocations
        # @param fabric [SheetGoods]
        # @param cuts [Array<Piece, Run>]
        # @param measure [Symbol]
        def initialize(fabric, cuts, measure)
          @fabric = fabric
          @cuts = cuts
          @measure = measure
          @sharing = Sharing.new(fabric, cuts)
        end

        # @return [Hash{Piece, Run => Allocation}] by identity
        def call
          @cuts.each_with_object({}.compare_by_identity) do |cut, taken|
            taken[cut] = @sharing.holds?(cut) ? allocation(cut) : Allocation.refused(@fabric.too_small_for(cut, @measure))
          end
        end

        private

        def attempt
          @attempt ||= @sharing.best
        end

        def allocation(cut)
          own = attempt.taken.select { |taken| taken.opener.equal?(cut) }
          Allocation.new(consumed: own.sum(&:area), offcut: own.sum(&:kept_area), taken: own.sum(&:repeats), strips: @fabric.strips_of(own),
                         sheets: own.map { |taken| sheet(taken) }, squared: squared(own), short: short(cut), **cuts_of(rows_of(cut)))
        end

        # Its rows, each with the sheet it lies on.
        def rows_of(cut)
          attempt.taken.flat_map { |taken| taken.rows.select { |row| row.cut.equal?(cut) }.map { |row| [row, taken] } }
        end

        def cuts_of(rows)
          { cut_strips: cut_strips(rows), subcuts: subcuts(rows) }
        end

        # A row is cut off once; the last one has the sheet's own edge.
        def cut_strips(rows)
          cut = rows.reject { |row, taken| (far_side(row) - (row.turned ? taken.long : taken.wide)).abs < Plane::SAME }
          cut.group_by { |row, _| row.form.width }.transform_values { |list| list.sum { |_, taken| taken.repeats } }
        end

        # A piece at the end of a sheet has its edge too.
        def subcuts(rows)
          rows.sum { |row, taken| taken.repeats * (row.count - (at_the_end?(row, taken) ? 1 : 0)) }
        end

        def at_the_end?(row, taken)
          begins, length = row.turned ? [row.y, taken.wide] : [row.x, taken.long]
          (begins + row.reach - length).abs < Plane::SAME
        end

        def far_side(row)
          (row.turned ? row.x : row.y) + row.form.width
        end

        # Sheets whose edges are squared up: all that are cut at all.
        def squared(own)
          own.reject { |taken| taken.rows.one? && whole?(taken.rows.first, taken) }.sum(&:repeats)
        end

        def whole?(row, taken)
          row.count == 1 && at_the_end?(row, taken) && (far_side(row) - (row.turned ? taken.long : taken.wide)).abs < Plane::SAME
        end

        def sheet(taken)
          kept = taken.kept.first
          Sheet.new(size: [taken.wide, taken.long], repeats: taken.repeats, drawing: -> { taken.rows.flat_map { |row| outlines(row) } },
                    lines: -> { taken.rows.flat_map { |row| lines(row) } }, offcut: kept && [kept.x, kept.y, kept.long, kept.wide])
        end

        def outlines(row)
          row.form.outlines.call(row.count).map { |outline| Polygon.new(outline.corners.map { |corner| place(row, *corner) }) }
        end

        def lines(row)
          row.form.marks.call(row.count).map { |line| line.map { |corner| place(row, *corner) } }
        end

        # A row that runs across is turned by a quarter, not over.
        def place(row, along, across)
          row.turned ? [row.x + row.form.width - across, row.y + along] : [row.x + along, row.y + across]
        end

        def short(cut)
          missing = attempt.missing.fetch(cut)
          return if missing.zero?

          say = "The #{@fabric.called(@measure)} of #{cut.role} give #{cut.count - missing} of #{cut.count} pieces: "
          Problem.new(code: :short, say: "#{say}#{missing} are missing. Find more, or make fewer.")
        end
      end
    end
  end
end
