# frozen_string_literal: true

module OakenGauge
  module Stock
    module Sheets
      # Which sheets to take for so many of a cut: those that together use least fabric, whatever their order.
      class Choosing
        # How much is tried for the very least; beyond it the sheets that use least for each piece are taken first.
        MOST_TRIED = 150_000

        # @param sheets [Array<Array(Integer, Numeric, Integer)>] which, its area, and how many it holds; each once
        # @param wanted [Integer]
        def initialize(sheets, wanted)
          @sheets = sheets.select { |_, _, held| held.positive? }
          @wanted = wanted
        end

        # @return [Array<Integer>] the sheets to take, in their order
        def chosen
          return @sheets.map(&:first) if @sheets.sum(&:last) <= @wanted

          (@sheets.size * @wanted <= MOST_TRIED ? least : greedy).sort
        end

        private

        # The least area that gives each number of pieces (a knapsack that has to be filled).
        def least
          best = [[0, 0, nil]] + Array.new(@wanted) { [Float::INFINITY, 0, nil] }
          @sheets.each do |sheet, area, held|
            @wanted.downto(1) do |count|
              before = best[[count - held, 0].max]
              with = [before[0] + area, before[1] + 1]
              best[count] = [*with, [sheet, before[2]]] if (with <=> best[count].first(2)).negative?
            end
          end
          unrolled(best[@wanted][2])
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
          spare = @sheets - others
          [*others, spare.select { |_, _, held| held >= missing }.min_by { |_, area, _| area } || last]
        end
      end
    end
  end
end
