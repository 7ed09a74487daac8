# frozen_string_literal: true

module OakenGauge
  module Layout
    # All cuts of one fabric on its sheets, so that nothing is used twice: each cut first fills what the sheets that
    # are open have left, then takes new ones. Which cut comes first decides what is left: of the {Orders} that are tried the
    # one is kept that is short of least, then takes least, then leaves most for the shelf.
    class Sharing
      # @param fabric [Fabrics::Fabric]
      # @param cuts [Array<Cut>]
      # @param score [Proc] what of a layout is to be least, instead of its own score
      def initialize(fabric, cuts, score = lambda(&:score))
        @fabric = fabric
        @cuts = cuts
        @score = score
        look(0)
        @sizes = fabric.sizes(@blocks.values.flat_map(&:ways))
      end

      # Plain rows first; blocks beside blocks only where they could take less; and every layout there is, where that could still
      # take less or leave fewer short.
      # @return [Laid]
      def best
        rows = least
        return rows if rows.least?(@fabric) || !(@fabric.searched? || might_do?(rows.short))

        look(Packing::DEPTH)
        laid = with_room([rows, least].min_by(&@score))
        [laid, Exactly.instead_of(laid, @fabric, @cuts)].compact.min_by(&@score)
      end

      # @return [Boolean] whether any sheet holds one
      def holds?(cut)
        held_by_whole(cut).any?(&:positive?)
      end

      private

      # Very many sizes are looked through only before something is said to be short.
      def might_do?(short)
        short.any? && short.all? { |cut| @fabric.room?(cut) }
      end

      # How each cut is laid in a rectangle.
      def look(depth)
        @blocks = @cuts.each_with_object({}.compare_by_identity) { |cut, blocks| blocks[cut] = @fabric.packing(cut, depth) }
      end

      def least
        orders.map { |order| layout(order) }.min_by.with_index { |layout, i| [@score.call(layout), i] }
      end

      def orders
        @orders ||= tried.all
      end

      def tried
        @tried ||= Orders.new(@cuts, @fabric)
      end

      # Before anything is short for which there is fabric enough, other orders are tried until one has room.
      def with_room(laid)
        return laid if laid.short.empty? || !enough?

        tried.more.map { |order| layout(order) }.find { |other| other.short.empty? } || laid
      end

      def enough?
        return false unless @fabric.searched? && @fabric.holds

        @cuts.sum { |cut| cut.count * @blocks[cut].least_area } <= @sizes.sum { |wide, long, number| wide * long * number }
      end

      def layout(order)
        @taken = []
        @left = @sizes.map(&:last)
        missing = {}.compare_by_identity
        order.each { |cut| missing[cut] = open_sheets(cut, use_up(cut, cut.count)) }
        Laid.new(sheets: @taken, missing: missing)
      end

      # @return [Integer] how many are still wanted
      def use_up(cut, wanted)
        @taken = @taken.flat_map do |sheet|
          parts = shares(sheet, cut, wanted)
          wanted -= parts.sum { |repeats, count| repeats * count.to_i }
          parts.map { |repeats, count| count ? filled(sheet, repeats, cut, count) : sheet.with(repeats: repeats) }
        end
        wanted
      end

      def held_by_rest(sheet, cut)
        sheet.free.sum { |space| @blocks[cut].held(space.long, space.wide) }
      end

      def shares(sheet, cut, wanted)
        held = held_by_rest(sheet, cut)
        held.zero? ? [[sheet.repeats, nil]] : portions(sheet.repeats, held, wanted)
      end

      # Of so many alike: those that are filled, one that is filled in part, those that stay as they are.
      def portions(repeats, held, wanted)
        full = [wanted / held, repeats].min
        part = full < repeats && (wanted % held).positive? ? 1 : 0
        [[full, held], [part, wanted % held], [repeats - full - part, nil]].reject { |number, _| number.zero? }
      end

      def filled(sheet, repeats, cut, count)
        filling = Filling.new(cut, @blocks[cut])
        sheet.free.sort_by(&:area).reduce(count) { |left, space| filling.fill(space, left) }
        Sheet.new(long: sheet.long, wide: sheet.wide, repeats: repeats, rows: sheet.rows + filling.rows, free: filling.free,
                  opener: sheet.opener)
      end

      def open_sheets(cut, wanted)
        to_take(cut, wanted).sort_by { |_, held, _| held }.each do |place, held, number|
          portions(number, held, wanted).select(&:last).each do |repeats, count|
            @taken << filled(fresh(place, cut), repeats, cut, count)
            wanted -= repeats * count
          end
        end
        wanted
      end

      def fresh(place, cut)
        wide, long, = @sizes[place]
        Sheet.new(long: long, wide: wide, repeats: 1, rows: [], free: [Space.new(x: 0, y: 0, long: long, wide: wide)], opener: cut)
      end

      # Which of the stock, how many each holds, and how many are taken.
      def to_take(cut, wanted)
        held = held_by_whole(cut)
        sizes = @sizes.each_with_index.map { |(wide, long, _), place| [place, wide * long, held[place], @left[place]] }
        Choosing.numbers(sizes, wanted).map do |place, number|
          @left[place] -= number if @left[place]
          [place, rows_that_do(cut, place, held[place], number, wanted), number]
        end
      end

      # How many of a cut each size of sheet holds, whichever cut comes first.
      def held_by_whole(cut)
        @blocks[cut].held_by_each(@sizes)
      end

      # Where equal rows alone need no more sheets, they are what is cut: they leave larger pieces.
      def rows_that_do(cut, place, held, number, wanted)
        wide, long, = @sizes[place]
        rows = @blocks[cut].plain(long, wide).first.held
        rows * number >= wanted ? rows : held
      end
    end
  end
end
