# frozen_string_literal: true

module OakenGauge
  module Layout
    # Squares or rectangles asked of one fabric for the whole demand.
    #
    # - role: Symbol, which fabric
    # - exact: [height, width] before rounding, inches
    # - size: [height, width] as cut, Rational inches
    # - count: how many
    # - then_do: Symbol, what becomes of each one
    # - marks: lines across one, for its drawing: each a pair of points in parts of its sides
    # - upright: whether it may not be turned
    Piece = Struct.new(:role, :exact, :size, :count, :then_do, :marks, :upright, keyword_init: true) do
      include Cut

      # @return [Boolean]
      def upright?
        !!upright
      end

      # @param _directional [Boolean] whether the print may not be turned
      # @return [Array<Form>] the ways it lies in rows
      def forms(_directional)
        [Form.of_piece(*size, marks)]
      end

      # Along a strip it may lie either way round.
      # @return [Array<Form>]
      def forms_on_strips(directional)
        ways = directional || upright || size.uniq.one? ? [size] : [size, size.reverse]
        ways.map { |across, along| Form.of_piece(across, along, marks) }
      end

      # @return [Array<Array(Array(Rational, Rational), Integer)>] sizes and counts, for a plan
      def planned(_fabric)
        [[size, count]]
      end

      # @return [Array] as they lie and are drawn, whatever fabric they are of
      def likeness
        [size, marks, upright]
      end

      # @return [Array(Rational, Rational)]
      def subcut
        size
      end

      # @return [Rational] inches, the narrowest strip it can be cut from
      def least_width
        size.min
      end

      # @param _allocation [Allocation]
      # @return [Array] what is listed of it: shape, size, size before rounding, count
      def entry(_allocation)
        [size.uniq.one? ? "square" : "rectangle", size, exact, count]
      end
    end
  end
end
