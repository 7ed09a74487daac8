# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Every set of placements that lie beside one another and leave no cell bare but plain ones, one after another.
    class Search
      # @param picture [Picture]
      # @param placements [Array<Placement>]
      def initialize(picture, placements)
        @picture = picture
        @from = placements.group_by(&:at)
        @cells = Array.new(picture.rows) { |row| Array.new(picture.columns) { |column| [column, row] } }.flatten(1)
      end

      # @return [Array<Array<Placement>>]
      def all
        @found = []
        go_on(0, [], {})
        @found
      end

      private

      def go_on(place, chosen, covered)
        place += 1 while covered[@cells[place]]
        cell = @cells[place] or return @found << chosen
        go_on(place + 1, chosen, covered) if @picture.plain?(*cell)
        @from.fetch(cell, []).each do |placement|
          cells = placement.cells
          next if cells.any? { |one| covered[one] }

          go_on(place + 1, chosen + [placement], covered.merge(cells.to_h { |one| [one, true] }))
        end
      end
    end
  end
end
