# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Layout
    # Which sheets are taken, and what of each cut lies on each: sheet by sheet, the least area that gives every part of what is wanted.
    # The one that gives most pieces is chosen, then the one that takes least.
    class SheetsTaken
      # Parts that are gone through for each sheet.
      MOST = 20_000
      # Parts that are remembered for all sheets together, eight bytes each.
      REMEMBERED = 8_000_000

      # @param sizes [Array] width, length and count of each size of sheet
      # @param frames [Frames]
      # @param counts [Array<Integer>] wanted of each cut
      # @param on_one [Array<Integer>] of each, how many lie on one sheet at the most
      # @param most [Integer] sheets of one size that may be wanted
      def initialize(sizes, frames, counts, on_one, most)
        @sizes = sizes
        @frames = frames
        @counts = counts
        # Parts of the demand, with room to add one sheet more to any.
        @radices = counts.zip(on_one).map { |count, on| count + on + 1 }
        @scale = @radices.each_index.map { |i| @radices.first(i).inject(1, :*) }
        @most = most
      end

      # @return [Boolean]
      def few?
        width <= MOST && width * (sheets.size + 1) <= REMEMBERED
      end

      # @return [Array<Array(Integer, Array<Integer>)>] which size, and what of each cut lies on it
      def chosen
        number = fullest
        (sheets.size - 1).downto(0).filter_map do |i|
          next if areas[i][number] <= areas[i + 1][number]

          counts = added(i, number)
          number -= offset(counts)
          [sheets[i], counts]
        end
      end

      private

      def width
        @radices.inject(:*)
      end

      def offset(counts)
        counts.zip(@scale).sum { |count, each| count * each }
      end

      def part(number)
        @scale.zip(@radices).map { |each, radix| number / each % radix }
      end

      def fullest
        given = (0...width).select { |number| areas.last[number].finite? }
        given.min_by { |number| [-part(number).sum, areas.last[number]] }
      end

      # Each sheet that there is, as often as it may be wanted, small ones first.
      def sheets
        @sheets ||= @sizes.each_index.sort_by { |place| area(place) }.flat_map do |place|
          [place] * (@frames.held(place).empty? ? 0 : [*@sizes[place].last, @most].min)
        end
      end

      def area(place)
        @sizes[place].first(2).inject(:*).to_f
      end

      # After each sheet the least area for every part, from nothing on.
      def areas
        @areas ||= sheets.each_with_object([nothing]) { |place, all| all << after(place, all.last) }
      end

      def nothing
        Numo::DFloat.zeros(width).fill(Float::INFINITY).tap { |areas| areas[0] = 0 }
      end

      def after(place, before)
        areas = before.dup
        @frames.held(place).each do |counts|
          from = offset(counts)
          areas[from..] = Numo::DFloat.minimum(areas[from..], before[0...(width - from)] + area(place))
        end
        areas[beyond] = Float::INFINITY unless beyond.empty?
        areas
      end

      # More than is wanted.
      def beyond
        @beyond ||= (0...width).reject { |number| part(number).zip(@counts).all? { |count, wanted| count <= wanted } }
      end

      def added(sheet, number)
        @frames.held(sheets[sheet]).find do |counts|
          before = number - offset(counts)
          before >= 0 && (areas[sheet][before] + area(sheets[sheet]) - areas[sheet + 1][number]).abs < Plane::SAME
        end
      end
    end
  end
end
