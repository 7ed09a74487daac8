# frozen_string_literal: true

module OakenGauge
  module Planning
    # The strips that give all pieces of one fabric and take least of it: the best of first fit, of diving into the
    # relaxation, and of whole strips chosen among those that it found.
    #
    # @example
    #   cutting = Cutting.new(kinds, 40r)
    #   cutting.length   # => (45/2)
    #   cutting.bound    # => (177/8), and nothing can take less
    class Cutting
      # Rounds and nodes for each step of effort.
      ROUNDS = 12
      NODES = 150
      # So many kinds that branch and bound still comes to something.
      FEW = 15
      # Strips of the relaxation that are weighed against one another for the next one.
      LIKELY = 8

      # @param kinds [Array<Kind>]
      # @param room [Rational] inches along a strip
      # @param effort [Integer] 1 to 10
      def initialize(kinds, room, effort: 3)
        @kinds = kinds
        @room = room
        @effort = effort
        @wanted = kinds.map(&:count)
      end

      # @return [Array<Strip>] wide ones first
      def strips
        @strips ||= begin
          best = [first_fit.strips, dived, chosen].compact.map { |found| needed(found) }.min_by { |found| found.sum(&:width) }
          best.sort_by { |strip| -strip.width }
        end
      end

      # @return [Rational] inches of fabric that they take
      def length
        strips.sum(0r, &:width)
      end

      # @return [FirstFit]
      def first_fit
        @first_fit ||= FirstFit.new(@kinds, @room)
      end

      # What no plan of this kind takes less than: the relaxation, the area, and that widths only come in steps.
      # @return [Rational] inches
      def bound
        strips
        step = @pricing.widths.reduce { |one, other| gcd(one, other) }
        least = [relaxation.bound - 1e-6, area_bound.to_f - 1e-9, widest_needed.to_f - 1e-9].max
        [(least / step).ceil * step, length].min
      end

      private

      def area_bound
        @kinds.sum { |kind| kind.area * kind.count } / @room
      end

      # Some strip is at least as wide as the piece that is widest whichever way it lies.
      def widest_needed
        @kinds.map { |kind| kind.ways.select { |_, along| along <= @room }.map(&:first).min }.max
      end

      def pricing
        @pricing ||= Pricing.new(Segment.all(@kinds, @room), @room)
      end

      def relaxation
        @relaxation ||= Relaxation.new(pricing, first_fit.strips + single, rounds: ROUNDS * @effort)
      end

      # A strip full of each kind.
      def single
        @kinds.each_index.map do |kind|
          across, along = @kinds[kind].ways.select { |_, length| length <= @room }.min_by { |width, length| width / (@room / length).floor }
          Strip.new(width: across, segments: [Segment.new(length: along, pieces: [[kind, across]])] * (@room / along).floor)
        end
      end

      # Whole strips out of the relaxation, then the relaxation of what is still wanted, to the end; at every step the
      # rest may be cut in the plain way as well.
      def dived
        left = @wanted.dup
        strips = []
        found = []
        until left.all?(&:zero?)
          found << (strips + FirstFit.new(@kinds, @room, left).strips)
          whole_strips(left).each { |strip| take(strip, left, strips) }
        end
        [*found, strips].min_by { |list| list.sum(&:width) }
      end

      # What is left of a strip once only wanted pieces are on it is filled with others.
      def take(strip, left, strips)
        kept = strip.needed(left) or return
        strips << Filling.new(@kinds, @room).call(kept, left)
      end

      def whole_strips(left)
        shares = relaxation.solve(left)
        columns = relaxation.columns.first(shares.size)
        whole = columns.zip(shares).flat_map { |strip, share| [strip] * (share + 1e-6).floor }
        return whole unless whole.empty?

        [fullest(columns, shares, left)]
      end

      # Of those that the relaxation likes best, the one that wastes least when only wanted pieces are on it.
      def fullest(columns, shares, left)
        likely = shares.each_index.select { |i| shares[i] > 1e-6 }.sort_by { |i| -shares[i] }.first(LIKELY)
        filling = Filling.new(@kinds, @room)
        columns[likely.max_by do |i|
          rest = left.dup
          kept = columns[i].needed(rest)
          kept ? [filling.call(kept, rest).used(@kinds) / (kept.width * @room), shares[i]] : [0, 0]
        end]
      end

      def chosen
        Columns.whole(relaxation.columns, @wanted, nodes: NODES * @effort) if @kinds.size <= FEW
      end

      # Without what is beyond the demand.
      def needed(strips)
        left = @wanted.dup
        strips.sort_by { |strip| -strip.width }.filter_map { |strip| strip.needed(left) }
      end

      def gcd(one, other)
        common = one.denominator.lcm(other.denominator)
        Rational((one * common).to_i.gcd((other * common).to_i), common)
      end
    end
  end
end
