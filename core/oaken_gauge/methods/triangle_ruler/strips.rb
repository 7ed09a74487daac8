# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Goose from a strip with the quarter-square side; sky from strips folded right sides together
      # with the half-square side, so that each cut gives one left and one right. Cut single and all the
      # same way up, the sky would come out of one hand, its blunt tip wrong on half of the units.
      #
      # Where both are cut from one fabric, a goose nests between its two skies on one strip: one left, one right.
      class Strips < PatchesMethod
        title "Strips with a triangle ruler"
        makes :flying_geese
        cutters Cutters::Strip

        # @return [Array<Layout::Run>] of the ways that one fabric allows the one that uses least of it
        def cuts
          @cuts ||= one_fabric? ? ways_to_cut.min_by.with_index { |cuts, i| [*used(cuts), i] } : apart(unit.count)
        end

        private

        # The rest of another cut's strip is folded too.
        def run_steps
          folded = allocations.sum { |cut, taken| cut.layers > 1 ? [taken.taken, 1].max : 0 }
          [step(:lay_folded, folded), *super]
        end

        # A print that may not be turned cannot nest.
        def one_fabric?
          goose, sky = %i[goose sky].map { |role| task.fabric(role) }
          goose.equal?(sky) && !goose.directional?
        end

        # All apart; all nested, folded or not; or nested on full strips only.
        def ways_to_cut
          full = nested_on_full_strips
          [apart(unit.count), *[unit.count, full].uniq.reject(&:zero?).product([2, 1]).map { |sets, layers| nested(sets, layers) }]
        end

        def nested_on_full_strips
          held = task.fabric(:goose).held_by_one(nest(1, 1))
          held.zero? ? 0 : unit.count - (unit.count % held)
        end

        def nested(sets, layers)
          [nest(sets, layers), *apart(unit.count - sets)]
        end

        def apart(count)
          return [] if count.zero?

          [cutter(shape(:goose)).cut(:goose, count), cutter(shape(:sky)).cut(:sky, 2 * count, layers: 2)]
        end

        def nest(sets, layers)
          Layout::Run.new(role: :goose, count: sets, layers: layers, each: 3, then_do: :cut_triangles, ways: [nested_row])
        end

        # An upright sky, the goose the other way up, the other sky: both ends are upright, and nothing is lost between
        # one row and the next. An odd number of geese between them makes the skies one left and one right.
        def nested_row
          @nested_row ||= begin
            sky, goose = %i[sky goose].map { |role| shape(role).strip_outline(seam) }
            { exact: goose.height, width: task.grid.ceil(goose.height), nest: Nest.new([sky, goose.half_turn, sky.mirror]) }
          end
        end

        # What is short, used and taken of the fabric, and the cuts it needs.
        def used(cuts)
          taken = task.fabric(:goose).allocate_all(cuts, task.measure).values
          consumed = taken.sum(&:consumed)
          [taken.count(&:short), (consumed - taken.sum(&:offcut)).round(6), consumed, cuts.sum(&:cuts_needed)]
        end
      end
    end
  end
end
