# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # From the strip to the block, for rings of wedges and webs: makers start from the strip as often as from the block.
    # All of it follows from the height of the wedge, H: the ring's side is 2H, its corner's leg 2H(1 - 1/√2), half the
    # side of a web H√2/cos 22.5° = H/0.65328.
    class WedgeChart
      # - strip: inches; - ring: side of the octagon's block; - corner: square for two of its corners, exact;
      # - web: side of half a web block, exact; - kite: the square of its kite, exact; - wedges: how many in a usable width
      Row = Struct.new(:strip, :ring, :corner, :web, :kite, :wedges, keyword_init: true)

      # Strips where no ruler says which, inches.
      USUAL = (3..13).map { |half| half/2r }.freeze

      # @param seam [Rational] inches
      # @param ruler [Tools::WedgeRuler, nil]
      # @param usable [Rational] inches of strip
      def initialize(seam, ruler = nil, usable = 40r)
        @seam = seam
        @ruler = ruler
        @usable = usable
      end

      # @return [Array<Row>]
      def rows
        strips.filter_map { |strip| row(strip) if height(strip).positive? }
      end

      # @param ring [Numeric] side of the block, inches
      # @return [Numeric] the strip that its wedges are cut from, exact
      def strip_for(ring)
        (ring/2r) + taken
      end

      private

      def strips
        @ruler ? @ruler.marks.map(&:printed) : USUAL
      end

      def height(strip)
        strip - taken
      end

      # What the strip is wider than the wedge is high.
      def taken
        return 2 * @seam unless @ruler&.tip_blunt

        @seam + (@seam / Math.sin(Patches::Wedge::HALF_ANGLE)) - @ruler.tip_blunt
      end

      def row(strip)
        high = height(strip)
        web = high * SQRT2 / Math.cos(Patches::Wedge::HALF_ANGLE)
        corner = Patches::HalfSquare.new(2 * high * (1 - (1 / SQRT2)))
        Row.new(strip: strip, ring: 2 * high, corner: corner.cut_outline(@seam).width, web: web,
                kite: Patches::Kite.new(web).piece_size(@seam).first, wedges: Tiling.new(wedge(high, strip)).fit(@usable))
      end

      def wedge(high, strip)
        Patches::Wedge.new(high).cut_outline(@seam).between(-@seam, strip - @seam)
      end
    end
  end
end
