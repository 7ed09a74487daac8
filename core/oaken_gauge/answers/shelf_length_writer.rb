# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes a fabric as a length that lies on the shelf: what is in pieces as the length off a bolt that they would come to.
    class ShelfLengthWriter
      # @param fabric [Fabrics::Fabric]
      def initialize(fabric)
        @fabric = fabric
      end

      # @return [Hash] "length" in inches and in how many "pieces" it is, both nil where nobody says; "say", what it is
      def write
        holds = @fabric.holds
        { "length" => holds && length_of(holds), "pieces" => (holds unless @fabric.bolt?), "say" => [amount(holds), *besides].join(", ") }
      end

      # @param amount [Numeric] inches of length, or pieces
      # @return [Float] inches
      def length_of(amount)
        return amount.to_f.round(3) if @fabric.bolt?

        (amount * piece / Fabrics::Yardage::DEFAULT_USABLE_WIDTH).to_f.round(3)
      end

      private

      # Square inches of a piece, on average.
      def piece
        counted = @fabric.rectangles.map { |width, length, count| [width * length, count || 1] }
        counted.sum { |area, count| area * count } / counted.sum(&:last)
      end

      def amount(holds)
        return bolt(holds) if @fabric.bolt?

        holds ? [@fabric.amount_words(holds, measure), *of_size].join(" of ") : "#{@fabric.called(measure)}, as many as it takes"
      end

      # Where all are alike: strips by their width, squares by a side.
      def of_size
        sizes = @fabric.rectangles.map { |width, length, _| @fabric.is_a?(Fabrics::Strips) ? [width] : [width, length].uniq }
        sizes.one? ? [sizes.first.map { |side| Length.new(side, measure) }.join(" × ")] : []
      end

      def bolt(holds)
        width = "#{Length.new(@fabric.usable_width, measure)} wide"
        holds ? "#{Length.new(holds, measure)} long, #{width}" : "#{width}, as much as it takes"
      end

      def besides
        [("a print that may not be turned" if @fabric.directional?), (@fabric.cloth.to_s unless @fabric.cloth == :cotton),
         ("starched" if @fabric.starched), ("prewashed" if @fabric.prewashed), *price].compact
      end

      def price
        @fabric.price ? ["#{@fabric.price} #{@fabric.currency}".strip] : []
      end

      def measure
        @fabric.written_in
      end
    end
  end
end
