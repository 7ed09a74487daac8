# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Planning
    # The strips that are worth most for their width, for what each kind is worth: knapsacks of stacks ({Stacks}), and of these a
    # knapsack of segments along the strip, for several widths at once (Gilmore and Gomory, 1965, in stages). Widths whose
    # fabric could not be worth more are left out, by the densest segment that they have.
    class Pricing
      # More places along a strip than are gone through one by one.
      MOST = 2600
      # So many widths are worked out together.
      AT_ONCE = 24
      SAME = 1e-9

      # @param ways [Ways]
      def initialize(ways)
        @room = ways.room
        @stacks = Stacks.new(ways)
        @along = Steps.new(@stacks.lengths, @room, MOST)
        @reach = @stacks.lengths.map { |length| @along.of(length) }
        @places = reachable
        @before = before
        @inches = Numo::DFloat.cast(@stacks.lengths.map(&:to_f))
      end

      # @return [Boolean] whether every length is counted as it is
      def exact?
        @along.exact? && @stacks.steps.exact?
      end

      # @param worth [Array<Float>] of each kind
      # @param to_the_end [Boolean] look on until it is proved what the most is
      # @param looks [Integer] how many times so many widths are worked out at most, the most promising first
      # @return [Array(Array<Strip>, Float)] strips that are worth more than they take, and what no strip is worth more than, for
      #   each inch of its width
      def best(worth, to_the_end: false, looks: MOST)
        worths = @stacks.worths(worth)
        likely = by_promise(worths.table).each_slice(AT_ONCE).first(looks)
        strips = []
        most = 1 + SAME
        while likely.any? && likely.first.first.last > most && (to_the_end || strips.empty?)
          found, ratio = priced(worths, likely.shift.map(&:first))
          strips += found
          most = [most, ratio].max
        end
        [strips, [most, likely.dig(0, 0, 1) || 0.0].max]
      end

      private

      # Widths at which some stack is worth more than below, and the most that an inch of each can be worth.
      def by_promise(table)
        densest = (table / @inches.reshape(@inches.size, 1)).max(0).to_a
        each = (@room / @stacks.steps.step).to_f
        grown(table).map { |width| [width, densest[width] * each / width] }.sort_by { |width, promise| [-promise, width] }
      end

      def grown(table)
        ((table[true, 1..] - table[true, 0...-1]).max(0) > SAME).where.to_a.map { |i| i + 1 }
      end

      # Places that sums of lengths come to.
      def reachable
        last = @along.last
        reached = [true] + ([false] * last)
        (0..last).each { |place| @reach.each { |length| reached[place + length] = true if reached[place] && place + length <= last } }
        (0..last).select { |place| reached[place] }
      end

      # Of each place the lengths that may end there, and the places where they begin.
      def before
        at = @places.each_with_index.to_h
        @places.map do |place|
          lengths = @reach.each_index.select { |i| at.key?(place - @reach[i]) }
          [lengths, lengths.map { |i| at[place - @reach[i]] }]
        end
      end

      def priced(worths, widths)
        values = worths.table[true, widths]
        totals = knapsack(values)
        ratios = totals.max(0) / (Numo::DFloat.cast(widths) * @stacks.steps.step.to_f)
        better = (ratios > 1 + SAME).where.to_a
        [better.map { |w| Strip.of(segments(worths, [totals[true, w], values[true, w]], widths[w])) }, ratios.max]
      end

      # Of each place and width the most that segments up to there are worth.
      def knapsack(values)
        totals = Numo::DFloat.zeros(@places.size, values.shape.last)
        @before.each_with_index do |(lengths, from), place|
          totals[place, true] = (totals[from, true] + values[lengths, true]).max(0) unless lengths.empty?
        end
        totals
      end

      def segments(worths, (totals, values), width)
        place = totals.max_index
        list = []
        until @before[place].first.empty?
          lengths, from = @before[place]
          i = (totals[from] + values[lengths]).max_index
          list << worths.segment(lengths[i], width)
          place = from[i]
        end
        list.compact
      end
    end
  end
end
