# frozen_string_literal: true

module OakenGauge
  module Layout
    # Pieces of one cut in a row. - cut; - x, y: where it begins on its sheet; - form: {Form}; - turned: whether it runs
    # across the sheet; - count
    Row = Struct.new(:cut, :x, :y, :form, :turned, :count, keyword_init: true) do
      # @return [Numeric] how far it goes along itself, inches
      def reach
        form.reach.call(count)
      end

      # @return [Array<Polygon>] its shapes, where they lie on the sheet
      def outlines
        form.outlines.call(count).map { |outline| Polygon.new(outline.corners.map { |corner| place(*corner) }) }
      end

      # @return [Array<Array>] the lines across them
      def marks
        form.marks.call(count).map { |line| line.map { |corner| place(*corner) } }
      end

      private

      # A row that runs across is turned by a quarter, not over.
      def place(along, across)
        turned ? [x + form.width - across, y + along] : [x + along, y + across]
      end
    end
  end
end
