# frozen_string_literal: true

module OakenGauge
  module Stock
    # Squares or rectangles asked of one fabric for the whole demand.
    #
    # - role: Symbol, which fabric
    # - exact: [height, width] before rounding, inches
    # - size: [height, width] as cut, Rational inches
    # - count: how many
    # - then_do: Symbol, what becomes of each one
    # - marks: lines across one, for its drawing: each a pair of points in parts of its sides
    Piece = Struct.new(:role, :exact, :size, :count, :then_do, :marks, keyword_init: true) do
      # @return [Rational] inches, the narrowest strip it can be cut from
      def least_width
        size.min
      end
    end
  end
end
