# frozen_string_literal: true

require "numo/narray"

module OakenGauge
  module Layout
    # In which rectangles every part of a heap of pieces has room, where cuts run from edge to edge: two parts lie beside one another
    # or one above the other, each parted again, down to single pieces. For every width that sums of sides come to the least length
    # is kept, and for every length the least width.
    class Frames
      # Pairs of a part and a part of it, and sums of sides, that are gone through.
      MOST_PAIRS = 200_000
      MOST_PLACES = 600
      MOST_STEPS = 12_000
      # Longer than any sheet, in steps.
      NOWHERE = 100_000_000

      # @return [Array<Array<Array(Rational, Rational)>>] the ways that a piece of each kind may lie
      attr_reader :ways
      # @return [Rational] inches of a step
      attr_reader :step

      # @param ways [Array<Array<Array(Rational, Rational)>>] of each kind, across and along
      # @param counts [Array<Integer>] how many of each
      # @param sizes [Array<Array(Rational, Rational)>] sheets, width and length
      def initialize(ways, counts, sizes)
        @ways = ways
        @counts = counts
        @sizes = sizes
        sides = ways.flatten
        parts = sides.map(&:denominator).reduce(1, :lcm)
        @step = Rational(sides.map { |side| (side * parts).to_i }.reduce(:gcd), parts)
      end

      # @return [Boolean] whether few enough
      def few?
        pairs = @counts.reduce(1) { |product, count| product * (count + 1) * (count + 2) / 2 }
        pairs <= MOST_PAIRS && most_steps.max <= MOST_STEPS && places.all? { |sums| sums.size <= MOST_PLACES }
      end

      # @param size [Integer] which of the sheets
      # @return [Array<Array<Integer>>] every part that has room on it, how many of each kind, the largest first
      def held(size)
        (@held ||= {})[size] ||= begin
          wide, long = @sizes[size]
          fit = tables.first[true, place(0, wide)] <= steps(long)
          fit.where.to_a.reject(&:zero?).reverse.map { |part| parts.all[part] }
        end
      end

      # @return [Parts]
      def parts
        @parts ||= Parts.new(@counts)
      end

      # @param part [Integer]
      # @return [Array<Integer>] less than all of it, numbers
      def parts_of(part)
        (@parts_of ||= {})[part] ||= parts.of(part) - [part]
      end

      # Of each part the least length for every width, and the least width for every length.
      # @return [Array(Numo::Int32, Numo::Int32)]
      def tables
        @tables ||= begin
          made = places.map { |sums| Numo::Int32.zeros(parts.all.size, sums.size).fill(NOWHERE) }
          made.each { |table| table[0, true] = 0 }
          (1...parts.all.size).each { |part| write(part, made) }
          made
        end
      end

      # @param side [Integer] 0 for widths, 1 for lengths
      # @param room [Rational] inches
      # @return [Integer] which of the sums is the last that is no further
      def place(side, room)
        (places[side].bsearch_index { |sum| sum > steps(room) } || places[side].size) - 1
      end

      # @return [Integer] whole steps in so many inches
      def steps(inches)
        (inches / @step).floor
      end

      private

      def most_steps
        @sizes.transpose.map { |sides| steps(sides.max) }
      end

      # Sums of sides, up to the widest and the longest sheet, in steps.
      def places
        @places ||= most_steps.map do |most|
          sums = in_steps(@ways.flatten).uniq.reduce(1) { |bits, side| with_any(bits, side, most) }
          (0..most).select { |place| sums[place] == 1 }
        end
      end

      # A bit for each sum: with one, two, four and so on of a side more.
      def with_any(bits, side, most)
        mask = (1 << (most + 1)) - 1
        while side <= most
          bits |= (bits << side) & mask
          side *= 2
        end
        bits
      end

      def in_steps(sides)
        sides.map { |side| (side / @step).to_i }
      end

      def write(part, tables)
        straight = straight(part, tables)
        [[0, 1], [1, 0]].each do |side, other|
          turned = told_by_the_other(straight[other], places[side], places[other])
          tables[side][part, true] = Numo::Int32.minimum(straight[side], turned)
        end
      end

      def straight(part, tables)
        both = tables.map { |table| together(table, part) }
        parts.all[part].sum == 1 ? both.zip(alone(part)).map { |one, other| Numo::Int32.minimum(one, other) } : both
      end

      # Two parts one behind the other.
      def together(table, part)
        some = parts_of(part)
        return Numo::Int32.zeros(table.shape.last).fill(NOWHERE) if some.empty?

        sums = (table[some, true] + table[some.map { |one| part - one }, true]).min(0)
        Numo::Int32.minimum(sums, NOWHERE)
      end

      # A single piece, whichever way it lies.
      def alone(part)
        lying = @ways[parts.all[part].index(1)].map { |way| in_steps(way) }
        [lying, lying.map(&:reverse)].each_with_index.map do |ways, side|
          Numo::Int32[*places[side].map { |most| ways.select { |within, _| within <= most }.map(&:last).min || NOWHERE }]
        end
      end

      # What is told by the one side, how much it needs of the other, told by the other side.
      def told_by_the_other(needs, ours, theirs)
        too_much = (needs.reshape(1, needs.size) > Numo::Int32.cast(ours).reshape(ours.size, 1)).count_true(1)
        Numo::Int32[*theirs, NOWHERE][too_much]
      end
    end
  end
end
