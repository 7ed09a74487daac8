# frozen_string_literal: true

module OakenGauge
  module Planning
    # The plan for one fabric: first what its precuts, bought strips and scraps give, then strips from the bolts. Before anything is
    # missing of which few pieces are wanted, the best layout of all of the stock has been tried.
    class FabricPlan
      # What the stock cannot give. - kind; - count; - say
      Short = Struct.new(:kind, :count, :say, keyword_init: true)

      # @return [Array<Short>]
      attr_reader :short
      # @return [Array<Laying::Cut>] sheets, then strips of the bolts, wide ones first
      attr_reader :cuts

      # @param kinds [Array<Kind>]
      # @param stock [Array<Fabrics::Fabric>]
      # @param effort [Integer]
      # @param layers [Array<Pairs::Layer>] what is cut on strips of its own, together with another fabric
      def initialize(kinds, stock, effort:, layers: [])
        @stock = stock
        @effort = effort
        @layers = layers
        @bolts = stock.each_with_index.select { |one, _| one.bolt? }.map { |one, i| OnBolts::Bolt.new(i, one.usable_width, one.length) }
        lay(kinds, lengthwise: length_for?(kinds))
        lay(kinds, lengthwise: false) if short.any? && kinds.any? { |kind| room && kind.size.max > room }
      end

      # @return [Rational] inches of the bolts
      def used_length
        cuts.reject(&:sheet).sum(0r) { |cut| cut.width * cut.times }
      end

      # @return [Rational] inches; no plan of strips, segments and stacks with the same pairs takes less of the bolts
      def bound_length
        @on_bolts && short.empty? ? [@on_bolts.bound, used_length].min : used_length
      end

      # @return [Rational] inches that first fit takes
      def first_fit_length
        @on_bolts ? @on_bolts.first_fit : 0r
      end

      # @return [Array<Array(Rational, Integer)>] widths of strips of the bolts, and how many in a row
      def widths
        cuts.reject(&:sheet).group_by(&:width).map { |width, same| [width, same.sum(&:times)] }
      end

      # @return [Integer]
      def sheets_used
        cuts.select(&:sheet).sum(&:times)
      end

      # @return [Rational] inches of length that what is missing takes, of its widest bolt or of one as wide as most
      def lacking
        return @on_bolts.more if @on_bolts

        usual = Fabrics::Yardage.new.usable_width
        missing = short.map { |one| one.kind.with(count: one.count) }.flat_map { |kind| Joining.new(kind, usual).kinds(lengthwise: true) }
        OnBolt.new(missing, [], usual, effort: @effort).length
      end

      # @return [Integer] no plan takes fewer of the sheets, were they all as large as the largest
      def sheets_bound
        largest = sheets.rectangles.map { |wide, long, _| wide * long }.max or return 0
        area = cuts.select(&:sheet).sum { |cut| cut.times * cut.pieces.sum { |piece| piece.across * piece.along } }
        (area / largest).ceil
      end

      private

      # Inches along a strip of the widest bolt.
      def room
        @bolts.map(&:room).max
      end

      def sheets
        @sheets ||= Sheets.new(@stock, @stock.each_index.to_a - @bolts.map(&:stock))
      end

      # Long pieces lie along the bolt where there is enough of it, and are joined where there is not.
      def length_for?(kinds)
        longest = @bolts.map { |bolt| bolt.length || Float::INFINITY }.max
        longest && kinds.all? { |kind| kind.size.max <= longest }
      end

      def lay(kinds, lengthwise:)
        @kinds = kinds.flat_map { |kind| Joining.new(kind, room).kinds(lengthwise: lengthwise) }
        @on_bolts = nil
        wanted = @kinds.map(&:count)
        @cuts, left = on_sheets(sheets, wanted)
        left = on_bolts(left) if @bolts.any?
        left = anywhere(wanted, left) if left.sum.positive? && @layers.empty?
        @short = missing(@kinds.zip(left) + (@on_bolts&.missing_pairs || []))
      end

      def missing(counted)
        counted.select { |_, count| count.positive? }.map { |kind, count| told_short(kind, count) }
      end

      # @return [Array(Array<Laying::Cut>, Array<Integer>)] what is cut of them, and what is still wanted of each kind
      def on_sheets(sheets, wanted)
        cuts = @kinds.zip(wanted).map { |kind, count| kind.to_cut(count) }
        asked = cuts.select { |cut| cut.count.positive? }
        return [[], wanted] if asked.empty? || sheets.none?

        best = Layout::Sharing.new(sheets, asked).best
        [sheets.laid(best.sheets) { |cut| @kinds[cuts.index { |own| own.equal?(cut) }] }, cuts.map { |cut| best.missing.fetch(cut, 0) }]
      end

      # What of the bolts has no strips with room for all may yet have it where each is cut like a sheet, but for those without end.
      def anywhere(wanted, left)
        all = Sheets.new(@stock, @stock.each_index.reject { |i| @stock[i].bolt? && @stock[i].length.nil? })
        return left if @bolts.empty? || all.none?

        cuts, still = on_sheets(all, wanted)
        return left if still.sum >= left.sum

        @cuts = cuts
        still
      end

      def on_bolts(left)
        own = @kinds.zip(left).select { |_, count| count.positive? }
        @on_bolts = OnBolts.new(own.map { |kind, count| kind.with(count: count) }, @layers, @bolts, effort: @effort)
        @cuts += @on_bolts.cuts
        missing = @on_bolts.missing.dup
        left.map { |count| count.positive? ? missing.shift : 0 }
      end

      def told_short(kind, count)
        more = @on_bolts ? "#{Length.new(@on_bolts.more)} more of the bolt" : "more of the stock"
        Short.new(kind: kind, count: count, say: "#{count} of #{kind.letter} #{Saying.is(count)} missing: it takes #{more}.")
      end
    end
  end
end
