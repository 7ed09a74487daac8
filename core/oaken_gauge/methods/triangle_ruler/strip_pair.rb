# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Two strips right sides together, cut into pairs of triangles that are ready to sew: nothing has
      # to be matched up again.
      class StripPair < TriangleRulerMethod
        title "Strip pair with a triangle ruler"
        makes :half_square

        step(:cut_strip) { [strips_to_cut, { size: strip_size }] }
        step(:lay_strips) { pairs_of_strips }
        step(:straighten) { pairs_of_strips }
        step(:cut_triangle) { [unit.count, { on: "pairs" }] }
        step(:sew_long_side) { [unit.count, { length: patch_piece.first * SQRT2 }] }
        step(:press_to_dark) { unit.count }

        # @return [Array<Stock::Run>] a run of triangles from each fabric
        def cuts
          @cuts ||= unit.class.roles.map { |role| run(role, shape(role), patches_needed(role)) }
        end

        private

        def pairs_of_strips
          allocations.values.map(&:taken).max
        end
      end
    end
  end
end
