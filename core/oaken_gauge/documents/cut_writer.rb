# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes one entry of a method's list of cuts.
    class CutWriter
      # @param cut [Stock::Piece, Stock::Run, Stock::Blank]
      # @param taken [Stock::Allocation]
      # @param measure [Symbol]
      def initialize(cut, taken, measure)
        @cut = cut
        @taken = taken
        @measure = measure
      end

      # @return [Hash]
      def write
        { "fabric" => @cut.role.to_s, **piece, "then" => @cut.then_do&.to_s }.compact
      end

      private

      def piece
        case @cut
        when Stock::Piece then entry(@cut.size.uniq.one? ? "square" : "rectangle", @cut.size, @cut.exact, @cut.count)
        when Stock::Run then strip
        when Stock::Blank then entry("blank", @cut.size, @cut.size, @cut.count)
        end
      end

      # Strips are counted in strips; what is cut from them is told by "then".
      def strip
        way = @cut.ways.find { |one| one[:width] == @taken.strips.first&.first } || @cut.ways.min_by { |one| one[:width] }
        # What lies on strips of another cut takes none of its own.
        length = @taken.sheets.first&.size&.last || way[:outline].width
        entry("strip", [way[:width], length], [way[:exact], length], @taken.taken)
      end

      def entry(shape, size, exact, count)
        { "shape" => shape, "size" => size.map { |side| Length.new(side, @measure).to_s },
          "exact" => exact.map { |side| side.to_f.round(6) }, "count" => count }
      end
    end
  end
end
