# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Two strips right sides together, cut into pairs of triangles that are ready to sew: nothing has
      # to be matched up again.
      class StripPair < PatchesMethod
        title "Strip pair with a triangle ruler"
        makes :half_square
        cutters Cutters::Strip

        # @return [Array<Step>] one cut for both strips of a pair
        def steps
          pairs = allocations.values.map(&:taken).max
          strips, others = cutting_steps.partition { |done| done.operation.name == :cut_strip }
          ends = others.select { |done| done.operation.name == :straighten }
          ends.each { |done| done.count = pairs }
          [*strips, step(:lay_strips, pairs), *ends, step(:cut_triangle, unit.count, on: "pairs"),
           step(:sew_long_side, unit.count, length: (unit.finished + (2 * seam)) * SQRT2), step(:press_to_dark, unit.count)]
        end
      end
    end
  end
end
