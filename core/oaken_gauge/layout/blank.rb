# frozen_string_literal: true

module OakenGauge
  module Layout
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

      # @return [Array<Form>] with its length across the sheet
      def forms(_directional)
        [Form.of_piece(*size.reverse, [])]
      end

      # A strip is cut across the fabric, so its width lies along the lengthwise grain, as the feed does: that way first.
      # @return [Array<Form>]
      def forms_on_strips(directional)
        [size.reverse, *(directional ? nil : [size])].uniq.map { |across, along| Form.of_piece(across, along, []) }
      end

      # @return [Rational] inches, the narrowest strip it can be cut from
      def least_width
        size.min
      end

      # @return [Boolean]
      def off_grain?(row)
        (row.form.width == size.last) == row.turned && !size.uniq.one?
      end

      # A blank is taken whole, and only blanks are counted.
      # @return [Allocation]
      def counted(allocation)
        told = { taken: count, strips: [], blanks: true, sheets: [drawn] }
        Allocation.new(**allocation.to_h, consumed: size.inject(:*) * count, offcut: 0, **told)
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

      private

      def drawn
        wide, long = size.minmax
        shapes = Form.new(outlines: ->(_) { drawing.call }, marks: ->(_) { [] })
        Sheet.new(long: long, wide: wide, repeats: count, rows: [Row.new(cut: self, x: 0, y: 0, form: shapes, count: 1)], free: [])
      end
    end
  end
end
