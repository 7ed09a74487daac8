# frozen_string_literal: true

module OakenGauge
  module Layout
    # Which sheets to take for so many of a cut: those that together use least fabric, whatever their order.
    class Choosing
      # How much is tried for the very least; beyond it the sheets that use least for each piece are taken first.
      MOST_TRIED = 150_000

      # @param sizes [Array<Array(Integer, Numeric, Integer, Integer)>] which, its area, how many it holds, and how many
      #   there are, nil where there is no end to them
      # @param wanted [Integer]
      # @return [Hash{Integer => Integer}] how many of each to take
      def self.numbers(sizes, wanted)
        useful = sizes.select { |_, _, held, left| held.positive? && left != 0 }
        return {} if wanted.zero?

        useful.map! { |*one, held, left| [*one, held, [wanted.fdiv(held).ceil, left].compact.min] }
        return { useful.first.first => useful.first.last } if useful.one?

        new(useful.flat_map { |*one, number| [one] * number }, wanted).chosen.tally
      end

      # @param sheets [Array<Array(Integer, Numeric, Integer)>] which, its area, and how many it holds; each once
      # @param wanted [Integer]
      def initialize(sheets, wanted)
        @sheets = sheets.select { |_, _, held| held.positive? }
        @wanted = wanted
      end

      # @return [Array<Integer>] the sheets to take, in their order
      def chosen
        return @sheets.map(&:first) if @sheets.sum(&:last) <= @wanted

        likely = likely()
        (likely.size * @wanted <= MOST_TRIED ? least(likely) : greedy).sort
      end

      private

      # Of those that hold as many as one another no more than could all be needed, the smallest of them.
      def likely
        @sheets.group_by { |_, _, held| [held, @wanted].min }.flat_map do |held, same|
          same.min_by(@wanted.fdiv(held).ceil) { |place, area, _| [area, place] }
        end
      end

      # The least area that gives each number of pieces, in as few sheets as may be (a knapsack that has to be filled).
      def least(sheets)
        areas = whole(sheets.map { |_, area, _| area })
        best = [0] + Array.new(@wanted, Float::INFINITY)
        taken = Array.new(@wanted + 1)
        sheets.each_with_index { |(sheet, _, held), i| take(best, taken, sheet, areas[i], held) }
        unrolled(taken[@wanted])
      end

      def take(best, taken, sheet, area, held)
        @wanted.downto(1) do |count|
          before = count > held ? count - held : 0
          with = best[before] + area
          next unless with < best[count]

          best[count] = with
          taken[count] = [sheet, taken[before]]
        end
      end

      # Areas as whole numbers, each with one more so that of equal ones fewer sheets come first: adding these up is quick.
      def whole(areas)
        parts = areas.map(&:to_r)
        common = parts.map(&:denominator).reduce(1, :lcm)
        parts.map { |area| ((area * common).to_i * (@wanted + 1)) + 1 }
      end

      def unrolled(list)
        taken = []
        while list
          taken << list.first
          list = list.last
        end
        taken
      end

      def greedy
        left = @wanted
        taken = @sheets.sort_by { |_, area, held| area / held.to_f }.take_while { |_, _, held| left.positive?.tap { left -= held } }
        swap_last(taken).map(&:first)
      end

      # In the place of the last one the smallest that will do.
      def swap_last(taken)
        *others, last = taken
        missing = @wanted - others.sum(&:last)
        gone = others.to_h { |place, *| [place, true] }
        [*others, @sheets.select { |place, _, held| held >= missing && !gone[place] }.min_by { |_, area, _| area } || last]
      end
    end
  end
end
