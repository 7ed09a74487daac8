# frozen_string_literal: true

module OakenGauge
  module Stock
    # Shapes tiled along strips of one fabric, for the whole demand.
    #
    # - role: Symbol, which fabric
    # - ways: [{exact:, width:, outline:}] the ways a shape may lie: strip width before and after
    #   rounding, Rational inches as cut, and the {Polygon} as cut from it
    # - count: shapes needed
    # - layers: 2 when the strip is folded right sides together, so that each cut gives both hands
    # - then_do: Symbol, what becomes of the strip
    Run = Struct.new(:role, :ways, :count, :layers, :then_do, keyword_init: true) do
      # Each turned half round, unless the print may not be; and all the same way up, which is closer for some shapes.
      # @param directional [Boolean]
      # @return [Array<Sheets::Form>] the ways it lies in rows
      def forms(directional)
        ways.product(directional ? [false] : [true, false])
            .map { |way, turning| Sheets::Form.of_run(way[:width], Tiling.of(way[:outline], turning: turning), layers) }
      end

      # As lengths of strip: as many as fill strips of the fabric, and one with the rest.
      # @param fabric [Fabric]
      # @return [Array<Array(Array(Rational, Rational), Integer)>] sizes and counts, for a plan
      def planned(fabric)
        layout = Rows::RunRows.new(fabric, self, :inch).best or return []
        full, rest = count.divmod(layout.per_strip)
        lengths = [[layout.per_strip, full], [rest, rest.zero? ? 0 : 1]].reject { |_, times| times.zero? }
        lengths.map { |held, times| [[layout.strip, Grid.new(1/64r).ceil(layout.reach.call(held))], times] }
      end

      # @return [Rational] inches, the narrowest strip it can be cut from
      def least_width
        ways.map { |way| way[:width] }.min
      end

      # @param count [Integer] shapes
      # @return [Integer] cuts that give them, every layer at once
      def cuts_needed(count = self.count)
        (count / layers.to_r).ceil
      end
    end
  end
end
