# frozen_string_literal: true

module OakenGauge
  module Layout
    # Shapes tiled along strips of one fabric, for the whole demand.
    #
    # - role: Symbol, which fabric
    # - ways: [{exact:, width:, outline:}] the ways a shape may lie: strip width before and after
    #   rounding, Rational inches as cut, and the {Polygon} as cut from it; or a {Nest} of several in its place
    # - count: shapes needed, or rows of the nest
    # - layers: 2 when the strip is folded right sides together, so that each cut gives both hands
    # - each: cuts that give one shape, or one row of the nest
    # - then_do: Symbol, what becomes of the strip
    # - most_layers: through how many layers its ruler cuts; nil where through any
    # - hands: [as it lies, mirrored], how many are wanted of either hand; nil where a shape does not mind
    Run = Struct.new(:role, :ways, :count, :layers, :each, :then_do, :most_layers, :hands, keyword_init: true) do
      include Cut

      # Each turned half round, unless the print may not be; and all the same way up, which is closer for some shapes.
      # @param directional [Boolean]
      # @return [Array<Form>] the ways it lies in rows
      def forms(directional)
        ways.product(directional ? [false] : [true, false]).map do |way, turning|
          Form.of_run(way[:width], way[:nest] || Tiling.of(way[:outline], turning: turning), layers)
        end
      end

      alias_method :forms_on_strips, :forms

      # @return [Array] as they lie and are drawn, whatever fabric they are of
      def likeness
        [ways, layers]
      end

      # As lengths of strip: as many as fill the longest that the fabric gives, and one with the rest.
      # @param fabric [Fabrics::Fabric]
      # @return [Array<Array(Array(Rational, Rational), Integer)>] sizes and counts, for a plan
      def planned(fabric)
        held, form = forms_on_strips(fabric.directional?).map { |one| [[fabric.held_along(one), 1].max, one] }.max_by(&:first)
        full, rest = count.divmod(held)
        lengths = [[held, full], [rest, rest.zero? ? 0 : 1]].reject { |_, times| times.zero? }
        lengths.map { |part, times| [[form.width, Grid.new(1/64r).ceil(form.reach.call(part))], times] }
      end

      # @return [Boolean]
      def tiled?
        true
      end

      # @return [Rational] inches, the narrowest strip it can be cut from
      def least_width
        ways.map { |way| way[:width] }.min
      end

      # @return [Numeric] inches along the strip, the least that one takes
      def least_length
        ways.map { |way| (way[:nest] || way[:outline]).width }.min * layers
      end

      # @param count [Integer] shapes, or rows of the nest
      # @return [Integer] how many lie one behind the other: every layer is cut at once
      def places(count = self.count)
        count.fdiv(layers).ceil
      end

      # @return [Integer] cuts that give all of them
      def cuts_needed
        places * each
      end

      # Strips are counted in strips; what is cut from them is told by "then".
      # @param allocation [Allocation]
      # @return [Array]
      def entry(allocation)
        way = ways.find { |one| one[:width] == allocation.strip } || ways.min_by { |one| one[:width] }
        # What lies on strips of another cut takes none of its own.
        length = allocation.sheets.first&.size&.last || least_length
        ["strip", [way[:width], length], [way[:exact], length], allocation.taken]
      end
    end
  end
end
