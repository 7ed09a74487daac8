# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Goose from a strip with the quarter-square side; sky from strips folded right sides together
      # with the half-square side, so that each cut gives one left and one right. Cut single and all the
      # same way up, the sky would come out of one hand, its blunt tip wrong on half of the units.
      class Strips < PatchesMethod
        title "Strips with a triangle ruler"
        makes :flying_geese
        cutters Cutters::Strip

        # @return [Array<Stock::Run>]
        def cuts
          @cuts ||= [cutter(shape(:goose)).cut(:goose, unit.count), cutter(shape(:sky)).cut(:sky, 2 * unit.count, layers: 2)]
        end

        # @return [Array<Step>]
        def steps
          folded = allocations.sum { |cut, taken| cut.role == :sky ? taken.taken : 0 }
          [step(:fold_strips, folded), *super]
        end
      end
    end
  end
end
