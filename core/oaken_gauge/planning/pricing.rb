# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Planning
    # The best strip of every width at once, for what each kind is worth: a knapsack of segments along the strip, worked
    # out for all widths together over the places that segments can reach (Gilmore and Gomory, 1965, in two stages).
    class Pricing
      # More places than are gone through one by one; beyond, lengths are counted a little long, which gives strips that
      # can be cut all the same.
      MOST_PLACES = 2600
      # What a length is worth that no segment has.
      NOTHING = -1e9

      # @param segments [Array<Segment>]
      # @param room [Rational] inches along a strip
      def initialize(segments, room)
        @segments = segments
        @widths = segments.map(&:across).uniq.sort
        @lengths = segments.map(&:length).uniq.sort
        @step = step(room)
        @reach = @lengths.map { |length| (length / @step).ceil }
        @places = reachable((room / @step).floor)
        @fitting = @widths.map { |width| @lengths.map { |length| fitting(width, length) } }
      end

      # @return [Boolean] whether every length is counted as it is
      def exact?
        @exact
      end

      # @return [Array<Rational>] every width that a strip may have, inches
      attr_reader :widths

      # @param worth [Array<Float>] of each kind
      # @return [Array<Array(Float, Strip)>] of each width what the best strip is worth
      def best(worth)
        values, chosen = worths(worth)
        totals, steps = knapsack(values)
        @widths.each_index.map do |w|
          place = totals[true, w].max_index
          [totals[place, w], Strip.new(width: @widths[w], segments: trace(steps, chosen, place, w))]
        end
      end

      private

      def step(room)
        finest = [*@lengths, room].reduce(1r) { |common, length| Rational(1, (1 / common).to_i.lcm(length.denominator)) }
        @exact = room / finest <= MOST_PLACES
        @exact ? finest : room / MOST_PLACES
      end

      # Places that sums of lengths come to.
      def reachable(last)
        reached = [true] + ([false] * last)
        (0..last).each { |place| @reach.each { |length| reached[place + length] = true if reached[place] && place + length <= last } }
        (0..last).select { |place| reached[place] }
      end

      # Of a length, the segments that are just as wide as the strip or are trimmed from it.
      def fitting(width, length)
        @segments.each_index.select do |i|
          segment = @segments[i]
          segment.length == length && (segment.across == width || (segment.pieces.one? && segment.across < width))
        end
      end

      def worths(worth)
        each = @segments.map { |segment| segment.worth(worth) }
        chosen = @fitting.map { |row| row.map { |list| list.max_by { |i| each[i] } } }
        values = chosen.map { |row| row.map { |i| i ? each[i] : NOTHING } }
        [Numo::DFloat.cast(values).transpose, chosen]
      end

      # Of each place and width the most that segments up to there are worth, and the last of them.
      def knapsack(values)
        @at ||= @places.each_with_index.to_h
        totals = Numo::DFloat.zeros(@places.size, @widths.size)
        steps = @places.map.with_index { |place, i| place.zero? ? nil : step_to(place, i, totals, values) }
        [totals, steps]
      end

      def step_to(place, row, totals, values)
        last = @reach.each_index.select { |length| @at.key?(place - @reach[length]) }
        sums = totals[last.map { |length| @at[place - @reach[length]] }, true] + values[last, true]
        totals[row, true] = sums.max(0)
        [last, sums.max_index(0)]
      end

      def trace(steps, chosen, place, width)
        segments = []
        while place.positive?
          last, picks = steps[place]
          length = last[picks[width] / @widths.size]
          segments << @segments[chosen[width][length]]
          place = @at[@places[place] - @reach[length]]
        end
        segments
      end
    end
  end
end
