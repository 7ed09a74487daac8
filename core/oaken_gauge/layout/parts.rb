# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Layout
    # Every part of a heap of pieces, told by so many of each kind and numbered so that what a part leaves of another is their
    # difference.
    #
    # @example
    #   Parts.new([2, 1]).all   # => [[0, 0], [1, 0], [2, 0], [0, 1], [1, 1], [2, 1]]
    class Parts
      # @return [Array<Array<Integer>>]
      attr_reader :all

      # @param counts [Array<Integer>]
      def initialize(counts)
        @counts = counts
        @all = counts.reverse.reduce([[]]) { |parts, count| parts.flat_map { |rest| (0..count).map { |own| [own, *rest] } } }
      end

      # @param number [Integer]
      # @return [Array<Integer>] its parts that are not nothing and have something of its first kind, numbers
      def of(number)
        (@of ||= {})[number] ||= begin
          wanted = @all[number]
          first = wanted.index(&:positive?)
          ranges = wanted.each_with_index.map { |count, kind| kind == first ? (1..count) : (0..count) }
          ranges.each_with_index.reduce([0]) { |sums, (range, kind)| range.flat_map { |own| sums.map { |sum| sum + (own * scale[kind]) } } }
        end
      end

      # @param number [Integer]
      # @return [Array<Integer>] what each of {#of} leaves
      def rests(number)
        (@rests ||= {})[number] ||= of(number).map { |part| number - part }
      end

      # @param counts [Array<Integer>]
      # @return [Integer] its number
      def number(counts)
        counts.zip(scale).sum { |count, each| count * each }
      end

      # Of each part the least sum of what it is parted into.
      # @param values [Numo::DFloat] of each part by itself, one column for each case
      # @return [Numo::DFloat]
      def least(values)
        sums = values.dup
        sums[0, true] = 0
        (1...@all.size).each do |number|
          parts = of(number)
          sums[number, true] = (values[parts, true] + sums[rests(number), true]).min(0)
        end
        sums
      end

      # @param sums [Numo::DFloat] as {#least} gives them
      # @param column [Integer] which case
      # @return [Integer] a part of the least sum that is not parted again
      def first(number, values, sums, column)
        parts = of(number)
        parts[(values[parts, column] + sums[rests(number), column]).min_index]
      end

      private

      def scale
        @scale ||= @counts.each_index.map { |kind| @counts.first(kind).reduce(1) { |product, count| product * (count + 1) } }
      end
    end
  end
end
