# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # All cuts of one fabric on its sheets, so that nothing is used twice: each cut first fills what the sheets that
      # are open have left, then takes new ones. Which cut comes first decides what is left, so every order is tried,
      # and the one kept that is short of least, then takes least, then leaves most for the shelf.
      class Sharing
        # More cuts than are tried in every order.
        MOST_ORDERED = 4

        # @param fabric [SheetGoods]
        # @param cuts [Array<Piece, Run>]
        # @param score [Proc] what of an attempt is to be least, instead of its own score
        def initialize(fabric, cuts, score = lambda(&:score))
          @fabric = fabric
          @cuts = cuts
          @score = score
          lay_in_blocks(0)
        end

        # Plain rows first; blocks beside blocks only where they could take less.
        # @return [Attempt]
        def best
          rows = least
          return rows if @fabric.many_sizes? || rows.least?(@fabric)

          lay_in_blocks(Packing::DEPTH)
          [rows, least].min_by(&@score)
        end

        # @return [Boolean] whether any sheet holds one
        def holds?(cut)
          @fabric.rectangles.any? { |wide, long, _| @blocks[cut].held(long, wide).positive? }
        end

        private

        def lay_in_blocks(depth)
          @held = {}.compare_by_identity
          @blocks = {}.compare_by_identity
          @cuts.each { |cut| @blocks[cut] = Packing.new(@fabric, cut, depth: depth) }
        end

        def least
          orders.map { |order| attempt(order) }.min_by.with_index { |attempt, i| [@score.call(attempt), i] }
        end

        # Large pieces first; and every other order, where there are few.
        def orders
          large_first = @cuts.sort_by.with_index { |cut, i| [-cut.least_width, i] }
          return [large_first] if @cuts.size > MOST_ORDERED || @fabric.many_sizes?

          [large_first, *@cuts.permutation.to_a].uniq
        end

        def attempt(order)
          @taken = []
          @stock = @fabric.rectangles.map { |wide, long, count| [long, wide, count] }
          missing = {}.compare_by_identity
          order.each { |cut| missing[cut] = open_sheets(cut, use_up(cut, cut.count)) }
          Attempt.new(taken: @taken, missing: missing)
        end

        # @return [Integer] how many are still wanted
        def use_up(cut, wanted)
          @taken = @taken.flat_map do |taken|
            parts = shares(taken, cut, wanted)
            wanted -= parts.sum { |repeats, count| repeats * count.to_i }
            parts.map { |repeats, count| count ? filled(taken, repeats, cut, count) : with(taken, repeats: repeats) }
          end
          wanted
        end

        def shares(taken, cut, wanted)
          held = taken.free.sum { |space| @blocks[cut].held(space.long, space.wide) }
          held.zero? ? [[taken.repeats, nil]] : portions(taken.repeats, held, wanted)
        end

        # Of so many alike: those that are filled, one that is filled in part, those that stay as they are.
        def portions(repeats, held, wanted)
          full = [wanted / held, repeats].min
          part = full < repeats && (wanted % held).positive? ? 1 : 0
          [[full, held], [part, wanted % held], [repeats - full - part, nil]].reject { |number, _| number.zero? }
        end

        def filled(taken, repeats, cut, count)
          filling = Filling.new(cut, @blocks[cut])
          taken.free.sort_by(&:area).reduce(count) { |left, space| filling.fill(space, left) }
          with(taken, repeats: repeats, rows: taken.rows + filling.rows, free: filling.free)
        end

        def with(taken, **changes)
          Taken.new(**taken.to_h, **changes)
        end

        def open_sheets(cut, wanted)
          to_take(cut, wanted).sort_by { |_, held, _| held }.each do |place, held, number|
            portions(number, held, wanted).select(&:last).each do |repeats, count|
              @taken << filled(fresh(place), repeats, cut, count).tap { |taken| taken.opener = cut }
              wanted -= repeats * count
            end
          end
          wanted
        end

        def fresh(place)
          long, wide, = @stock[place]
          Taken.new(long: long, wide: wide, repeats: 1, rows: [], free: [Space.new(sheet: place, x: 0, y: 0, long: long, wide: wide)])
        end

        # Which of the stock, how many each holds, and how many are taken.
        def to_take(cut, wanted)
          held = held_by_whole(cut)
          numbers(held, wanted).map do |place, number|
            @stock[place][2] -= number if @stock[place][2]
            [place, rows_that_do(cut, place, held[place], number, wanted), number]
          end
        end

        # How many of a cut each size of sheet holds, whichever cut comes first.
        def held_by_whole(cut)
          @held[cut] ||= @fabric.rectangles.map { |wide, long, _| @blocks[cut].held(long, wide) }
        end

        # Where equal rows alone need no more sheets, they are what is cut: they leave larger pieces.
        def rows_that_do(cut, place, held, number, wanted)
          long, wide, = @stock[place]
          rows = @blocks[cut].plain(long, wide).first.held
          rows * number >= wanted ? rows : held
        end

        def numbers(held, wanted)
          return {} if wanted.zero?

          places = held.each_index.select { |place| held[place].positive? && @stock[place][2] != 0 }
          return one_size(places.first, held, wanted) if places.one?

          Choosing.new(places.flat_map { |place| each_of(place, held[place], wanted) }, wanted).chosen.tally
        end

        def one_size(place, held, wanted)
          { place => [(wanted / held[place].to_r).ceil, @stock[place][2]].compact.min }
        end

        def each_of(place, held, wanted)
          long, wide, count = @stock[place]
          [[place, long * wide, held]] * [(wanted / held.to_r).ceil, count].compact.min
        end
      end
    end
  end
end
