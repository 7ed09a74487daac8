# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # Blanks for a die from sheets. Only blanks are counted; that the sheets can give them is looked
      # at apart.
      class Blanks
        def initialize(fabric, cut, measure)
          @fabric = fabric
          @cut = cut
          @measure = measure
        end

        # @return [Allocation]
        def allocation
          packed = @fabric.allocate(Piece.new(role: @cut.role, size: @cut.size.reverse, count: @cut.count, marks: []), @measure)
          return packed if packed.taken.zero?

          size = @cut.size
          Allocation.new(**packed.to_h, consumed: size.inject(:*) * @cut.count, offcut: 0, taken: @cut.count, subcuts: nil, blanks: true,
                                        sheets: [Sheet.new(size: size.minmax, repeats: @cut.count, drawing: @cut.drawing)])
        end
      end
    end
  end
end
