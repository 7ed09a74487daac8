# frozen_string_literal: true

module OakenGauge
  module Stock
    # Blanks for a die, of one fabric, for the whole demand.
    #
    # - role: Symbol, which fabric
    # - size: [width, length], Rational inches; the length lies along the feed
    # - count: layers
    # - then_do: Symbol, what becomes of each
    # - die: {Tools::Die}
    # - drawing: Proc to the [Polygon]s of the shapes that the die cuts from one
    Blank = Struct.new(:role, :size, :count, :then_do, :die, :drawing, keyword_init: true) do
      include Cut

      # @return [Rows::Rows] how it lies along strips of a fabric
      def rows(fabric, measure)
        Rows::BlankRows.new(fabric, self, measure)
      end

      # A strip is cut across the fabric, so its width lies along the lengthwise grain, as the feed does: that way first.
      # @return [Array<Sheets::Form>]
      def forms_on_strips(directional)
        [size.reverse, *(directional ? nil : [size])].uniq.map { |across, along| Sheets::Form.of_piece(across, along, []) }
      end

      # The length lies along the lengthwise grain: across the strip.
      # @return [Array<Array(Array(Rational, Rational), Integer)>] sizes and counts, for a plan
      def planned(_fabric)
        [[size.reverse, count]]
      end

      # @param _allocation [Allocation]
      # @return [Array] what is listed of it: shape, size, size before rounding, count
      def entry(_allocation)
        ["blank", size, size, count]
      end
    end
  end
end
