# frozen_string_literal: true

module OakenGauge
  module Planning
    # The plan for one fabric: first what its precuts, bought strips and scraps give, then strips from the bolt.
    class FabricPlan
      # What the stock cannot give. - kind; - count; - say
      Short = Struct.new(:kind, :count, :say, keyword_init: true)

      # @return [Array<Short>]
      attr_reader :short
      # @return [Array<Laying::Cut>] sheets, then strips of the bolt, wide ones first
      attr_reader :cuts

      # @param kinds [Array<Kind>]
      # @param stock [Array<Fabrics::Fabric>]
      # @param effort [Integer]
      # @param layers [Array<Pairs::Layer>] what is cut on strips of its own, together with another fabric
      def initialize(kinds, stock, effort:, layers: [])
        @stock = stock
        @effort = effort
        @layers = layers
        @bolt = stock.index(&:bolt?)
        lay(kinds, lengthwise: length_for?(kinds))
        lay(kinds, lengthwise: false) if short.any? && kinds.any? { |kind| room && kind.size.max > room }
      end

      # @return [Rational] inches of the bolt
      def used_length
        @on_bolt ? @on_bolt.length : 0r
      end

      # @return [Rational] inches; no plan with the same pairs takes less of the bolt
      def bound_length
        @on_bolt ? @on_bolt.bound : 0r
      end

      # @return [Rational] inches that first fit takes
      def first_fit_length
        @on_bolt ? @on_bolt.first_fit : 0r
      end

      # @return [Array<Array(Rational, Integer)>] widths of strips of the bolt, and how many in a row
      def widths
        cuts.reject(&:sheet).map(&:width).tally.to_a
      end

      # @return [Integer]
      def sheets_used
        cuts.count(&:sheet)
      end

      # @return [Integer] no plan takes fewer of the sheets, were they all as large as the largest
      def sheets_bound
        largest = sheets.flat_map(&:rectangles).map { |wide, long, _| wide * long }.max or return 0
        area = cuts.select(&:sheet).sum { |cut| cut.pieces.sum { |piece| piece.across * piece.along } }
        (area / largest).ceil
      end

      private

      # Inches along a strip of the bolt.
      def room
        @bolt && @stock[@bolt].usable_width
      end

      def sheets
        @stock.reject.with_index { |_, i| i == @bolt }
      end

      # Long pieces lie along the bolt where there is enough of it, and are joined where there is not.
      def length_for?(kinds)
        length = @bolt && @stock[@bolt].length
        @bolt && (length.nil? || kinds.all? { |kind| kind.size.max <= length })
      end

      def lay(kinds, lengthwise:)
        @kinds = kinds.flat_map { |kind| Joining.new(kind, room).kinds(lengthwise: lengthwise) }
        @cuts = []
        @short = []
        left = sheets.reduce(@kinds.map(&:count)) { |wanted, fabric| on_sheets(fabric, wanted) }
        @bolt ? on_bolt(left) : none_left(left)
      end

      def none_left(left)
        @kinds.zip(left).each { |kind, count| tell_short(kind, count, "more of the stock") if count.positive? }
      end

      # @return [Array<Integer>] what is still wanted of each kind
      def on_sheets(fabric, wanted)
        cuts = @kinds.zip(wanted).map { |kind, count| kind.to_cut(count) }
        asked = cuts.select { |cut| cut.count.positive? }
        return wanted if asked.empty?

        best = Layout::Sharing.new(fabric, asked).best
        best.sheets.each { |taken| add_sheets(fabric, taken, cuts) }
        cuts.map { |cut| best.missing.fetch(cut, 0) }
      end

      def add_sheets(fabric, taken, cuts)
        stock = @stock.index { |one| one.equal?(fabric) }
        taken.repeats.times do
          place = { stock: stock, sheet: @cuts.count { |cut| cut.stock == stock } }
          @cuts << Laying.sheet(taken, place) { |cut| @kinds[cuts.index { |own| own.equal?(cut) }] }
        end
      end

      def on_bolt(left)
        own = @kinds.zip(left).select { |_, count| count.positive? }.map { |kind, count| Kind.new(**kind.to_h, count: count) }
        @on_bolt = OnBolt.new(own, @layers, room, effort: @effort)
        @on_bolt.layers.reduce(0r) do |at, layer|
          place_strips(layer, at).each { |kind, count| tell_short(layer.kinds[kind], count, "#{more} more of the bolt") }
          at + layer.cutting.length
        end
      end

      def more
        Length.new(used_length - (@stock[@bolt].length || used_length))
      end

      # @param at [Rational] where the first one begins along the bolt
      # @return [Hash{Integer => Integer}] what is on strips that the bolt has no length for
      def place_strips(layer, at)
        laid, over = fitting(layer.strips, at)
        laid.reduce(at) do |from, strip|
          @cuts << Laying.strip(strip, layer.kinds, room, { stock: @bolt, at: from, with: layer.with })
          from + strip.width
        end
        over.map(&:tally).reduce({}) { |all, tally| all.merge(tally) { |_, one, other| one + other } }
      end

      def fitting(strips, from)
        length = @stock[@bolt].length
        at = from
        strips.partition { |strip| (length.nil? || at + strip.width <= length).tap { |fits| at += strip.width if fits } }
      end

      def tell_short(kind, count, more)
        @short << Short.new(kind: kind, count: count, say: "#{count} of #{kind.letter} #{Saying.is(count)} missing: it takes #{more}.")
      end
    end
  end
end
