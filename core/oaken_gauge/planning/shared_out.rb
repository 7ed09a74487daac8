# frozen_string_literal: true

module OakenGauge
  module Planning
    # Strips shared out among bolts, so that most pieces find room; and more of what found none, while there is any.
    class SharedOut
      # What it comes to. - placed: [{OnBolts::Placed}]; - missing: how many of each kind; - missing_pairs: [[Kind, Integer]];
      # - left: inches of each bolt, infinite where there is no end to it
      Outcome = Struct.new(:placed, :missing, :missing_pairs, :left, keyword_init: true) do
        # @return [Rational] inches of all bolts
        def used
          placed.sum(0r) { |one| one.strip.takes }
        end
      end
      # Branches that are looked at.
      NODES = 200
      ENDLESS = Float::INFINITY
      # Nothing is longer, inches: so much of a bolt weighs less than a piece.
      LONGEST = 100_000

      # See {OnBolts}.
      def initialize(kinds, pairs, bolts, effort:)
        @kinds = kinds
        @pairs = pairs
        @bolts = bolts
        @effort = effort
      end

      # @param together [OnBolt] strips for all of the pieces
      # @return [Outcome]
      def from(together)
        share_out(together.layers)
      end

      # @return [Outcome] what each bolt gives by itself, one after another
      def bolt_by_bolt
        share_out(@pairs)
      end

      private

      def share_out(layers)
        @placed = []
        @left = @bolts.map { |bolt| bolt.length || ENDLESS }
        all = @bolts.each_index.to_a
        layers.each { |layer| put(layer, layer.strips, all) }
        all.each { |bolt| fill(bolt) }
        outcome
      end

      def outcome
        placed = @placed.sort_by.with_index { |one, i| [one.layer.with ? 0 : 1, -one.strip.width, i] }
        Outcome.new(placed: placed, missing: missing(@kinds), left: @left,
                    missing_pairs: @pairs.flat_map { |layer| layer.kinds.zip(missing(layer.kinds)) }.reject { |_, count| count.zero? })
      end

      def missing(kinds)
        there = Hash.new(0)
        @placed.each { |one| one.strip.tally.each { |kind, count| there[one.layer.kinds[kind].likeness] += count * one.strip.times } }
        kinds.map { |kind| kind.count - there[kind.likeness] }
      end

      # What is still wanted, on what a bolt has left, for as long as more finds room there.
      def fill(number)
        bolt = @bolts[number]
        loop do
          most = @left[number] == ENDLESS ? nil : @left[number]
          wanted = @kinds.zip(missing(@kinds)).filter_map do |kind, count|
            kind.with(count: count) if count.positive? && kind.fits?(bolt.room, most)
          end
          break if wanted.empty?

          cutting = Cutting.new(wanted, bolt.room, effort: @effort, most: most)
          put(Pairs::Layer.new(kinds: wanted, cutting: cutting), cutting.strips, [number])
        end
      end

      # @param strips [Array<Strip>]
      # @param bolts [Array<Integer>] which of them they may go on
      def put(layer, strips, bolts)
        shares = widest_first(strips, bolts)
        shares = most(strips, bolts) || shares if shares.sum(&:last) < strips.sum(&:times)
        shares.each do |strip, bolt, times|
          @placed << OnBolts::Placed.new(@bolts[bolt], layer, strip.with(times: times))
          @left[bolt] -= strip.width * times
        end
      end

      def widest_first(strips, bolts)
        left = @left.dup
        strips.sort_by.with_index { |strip, i| [-strip.width, i] }.flat_map do |strip|
          wanted = strip.times
          bolts.filter_map do |bolt|
            times = [wanted, left[bolt] == ENDLESS ? wanted : (left[bolt] / strip.width).floor].min
            wanted -= times
            left[bolt] -= strip.width * times
            [strip, bolt, times] if times.positive?
          end
        end
      end

      # The strips with most pieces that the bolts have room for; of those with as many, the ones that take least.
      def most(strips, bolts)
        given = strips.product(bolts)
        counts = WholeNumbers.least(costs: given.map { |strip, _| cost(strip) }, columns: columns(strips, bolts.size),
                                    rows: strips.map { |strip| [0, strip.times] } + room(bolts), nodes: NODES)
        counts && given.zip(counts).map { |pair, times| [pair.first, pair.last, times] }.select { |*, times| times.positive? }
      end

      # Of each strip on each bolt: one of so many, and so much of its length.
      def columns(strips, bolts)
        strips.each_with_index.flat_map { |strip, row| Array.new(bolts) { |bolt| { row => 1, (strips.size + bolt) => strip.width } } }
      end

      # Each piece is worth more than all the fabric there is.
      def cost(strip)
        (strip.width / LONGEST) - strip.tally.values.sum
      end

      def room(bolts)
        bolts.map { |bolt| [0, [@left[bolt], WholeNumbers::ENDLESS].min] }
      end
    end
  end
end
