# frozen_string_literal: true

module OakenGauge
  module Planning
    # The strips that give all pieces of one fabric and take least of it. Of few pieces every way is tried; of more the best is
    # taken of first fit, of diving into the relaxation ({Dive}), and, with more than the least effort, of whole strips chosen among
    # those that it found.
    #
    # @example
    #   cutting = Cutting.new(kinds, 40r)
    #   cutting.length   # => (45/2)
    #   cutting.bound    # => (177/8), and no plan of strips, segments and stacks takes less
    class Cutting
      # Rounds and nodes for each step of effort.
      ROUNDS = 12
      NODES = 150
      # With less effort no whole strips are chosen: that takes longest, and gains an inch or three in a hundred.
      CHOOSING = 2
      # So many kinds that branch and bound still comes to something.
      FEW_KINDS = 15

      # @param kinds [Array<Kind>]
      # @param room [Rational] inches along a strip
      # @param effort [Integer] 1 to 10
      # @param most [Rational, nil] inches of the bolt, nil where there is no end to it
      def initialize(kinds, room, effort: 3, most: nil)
        @kinds = kinds
        @ways = Ways.new(kinds, room, most)
        @effort = effort
        @wanted = kinds.map(&:count)
      end

      # @return [Array<Strip>] wide ones first
      def strips
        @strips ||= alike(best).sort_by.with_index { |strip, i| [-strip.width, -strip.length, i] }
      end

      # @return [Rational] inches of fabric that they take
      def length
        takes(strips)
      end

      # @return [FirstFit]
      def first_fit
        @first_fit ||= FirstFit.new(@ways)
      end

      # What no plan of this kind takes less than: the relaxation, the area, and that widths are sums of sides.
      # @return [Rational] inches
      def bound
        bound_up_to(length)
      end

      private

      def best
        return first_fit.strips if first_fit.length <= lower
        return Few.new(@ways, @wanted).strips if Few.few?(@wanted)

        relaxed
        least([first_fit.strips, needed(dived)]).then { |found| proved?(found) ? found : least([found, *chosen]) }
      end

      def least(found)
        found.min_by { |strips| takes(strips) }
      end

      def proved?(strips)
        takes(strips) <= bound_up_to(takes(strips))
      end

      def alike(strips)
        strips.group_by { |strip| [strip.width, strip.segments] }.values.map { |same| same.first.with(times: same.sum(&:times)) }
      end

      def bound_up_to(length)
        least = [relaxed - 1e-6, area_bound.to_f - 1e-9, widest_needed.to_f - 1e-9].max
        Sums.new(@ways.all.map(&:across).uniq).least(least, length)
      end

      # Before anything is worked out.
      def lower
        [area_bound, widest_needed].max
      end

      def takes(strips)
        strips.sum(0r, &:takes)
      end

      def area_bound
        @kinds.sum { |kind| kind.area * kind.count } / @ways.room
      end

      # Some strip is at least as wide as the piece that is widest whichever way it lies.
      def widest_needed
        @ways.by_kind.map { |ways| ways.first.across }.max
      end

      # What the relaxation proves.
      def relaxed
        @relaxed ||= begin
          relaxation.prove(@wanted)
          relaxation.bound
        end
      end

      def relaxation
        @relaxation ||= Relaxation.new(Pricing.new(@ways), first_fit.strips.map { |strip| strip.with(times: 1) } + single,
                                       rounds: ROUNDS * @effort)
      end

      # A strip full of each kind.
      def single
        @ways.by_kind.map do |ways|
          way = ways.min_by { |one| one.across / (@ways.room / one.along).floor }
          Strip.of([Segment.of([way])] * (@ways.room / way.along).floor)
        end
      end

      def dived
        Dive.new(relaxation, @ways, @wanted).strips
      end

      def chosen
        whole = Columns.whole(relaxation.columns, @wanted, nodes: NODES * @effort) if @kinds.size <= FEW_KINDS && @effort >= CHOOSING
        [needed(whole)] if whole
      end

      # Without what is beyond the demand.
      def needed(strips)
        left = @wanted.dup
        strips.sort_by.with_index { |strip, i| [-strip.width, i] }.flat_map { |strip| strip.all_needed(left) }
      end
    end
  end
end
