# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Planning
    # What the best stack of pieces is worth in a segment of each length and each width of strip: a knapsack of heights over
    # the pieces that are no longer than the segment.
    class Stacks
      # More widths of strip than are gone through one by one.
      MOST = 3200
      SAME = 1e-9

      # @return [Array<Rational>] lengths of segments, inches, the shortest first
      attr_reader :lengths
      # @return [Steps] widths of strips
      attr_reader :steps

      # @param ways [Ways]
      def initialize(ways)
        @ways = ways.all
        @lengths = @ways.map(&:along).uniq
        @steps = Steps.new(@ways.map(&:across), ways.widest, MOST)
        @heights = @ways.map { |way| @steps.of(way.across) }
        @longer = @lengths.map { |length| @ways.index { |way| way.along > length } || @ways.size }
      end

      # What stacks are worth for what each kind is worth. - table: of each length, and each width in steps
      Worths = Struct.new(:table, :pieces) do
        # @param length [Integer] which of the lengths
        # @param width [Integer] steps
        # @return [Segment, nil] a stack of that worth; nil where it is worth nothing
        def segment(length, width)
          @segments ||= {}
          @segments.fetch([length, width]) do |at|
            stack = pieces.call(length, width)
            @segments[at] = (Segment.of(stack) if stack.any?)
          end
        end
      end

      # @param worth [Array<Float>] of each kind
      # @return [Worths]
      def worths(worth)
        each = Numo::DFloat.cast(@ways.map { |way| worth[way.kind] })
        table = filled(each)
        rows = {}
        plain = each.to_a
        Worths.new(table, ->(length, width) { pieces(rows[length] ||= table[length, true].to_a, plain, length, width) })
      end

      private

      def filled(each)
        row = Numo::DFloat.zeros(@steps.last + 1)
        table = Numo::DFloat.zeros(@lengths.size, row.size)
        @longer.each_with_index do |ways, length|
          (length.zero? ? 0 : @longer[length - 1]).upto(ways - 1) { |i| row = with(row, @heights[i], each[i]) if each[i] > SAME }
          table[length, true] = row
        end
        table
      end

      # From the top down: the first of the ways that give what the row says.
      def pieces(row, each, length, width)
        stack = []
        while row[width] > SAME
          top = topmost(row, each, length, width)
          stack << @ways[top]
          width -= @heights[top]
        end
        stack
      end

      # In plain numbers: a stack may have thousands of pieces, and few ways to choose among.
      def topmost(row, each, length, width)
        (0...@longer[length]).select { |way| @heights[way] <= width }.max_by { |way| row[width - @heights[way]] + each[way] }
      end

      # With any number of one more: one, two, four and so on of it, each added where it makes the stack worth more.
      def with(row, height, worth)
        last = row.size - 1
        while height <= last
          more = row[0..(last - height)] + worth
          row[height..] = Numo::DFloat.maximum(row[height..], more)
          height *= 2
          worth *= 2
        end
        row
      end
    end
  end
end
