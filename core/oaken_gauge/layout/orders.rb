# frozen_string_literal: true

module OakenGauge
  module Layout
    # In which orders several cuts of one fabric are laid on its sheets: every one there is, where they are few. Of many cuts
    # the large come first, whichever way that is told, and each is tried before all others and after them.
    class Orders
      # So many cuts are tried in every order.
      MOST_ORDERED = 4
      # Of so many each is tried before and after all others.
      MOST_MOVED = 12
      # So many more are tried where all of these are short. Steps of the golden section spread them over all there are, the same
      # ones every time.
      MORE = 100
      GOLDEN = (Math.sqrt(5) - 1) / 2

      # @param cuts [Array<Cut>]
      # @param fabric [Fabrics::Fabric]
      def initialize(cuts, fabric)
        @cuts = cuts
        @fabric = fabric
      end

      # Light and dark squares of one size lie the same whichever comes first.
      # @return [Array<Array<Cut>>] the widest first, then the others
      def all
        return [by_size.first] unless @fabric.searched?

        [by_size.first, *others].uniq { |order| order.map { |cut| [cut.likeness, cut.count] } }
      end

      # @return [Enumerator::Lazy<Array<Cut>>] others again; none where every one was among those
      def more
        all = (1..@cuts.size).inject(:*)
        (@cuts.size > MOST_ORDERED ? 1..MORE : []).lazy.map { |i| numbered((i * GOLDEN % 1 * all).floor) }
      end

      private

      # @param number [Integer] one of the orders, counted from 0
      def numbered(number)
        left = @cuts.dup
        left.size.downto(1).map do |size|
          number, place = number.divmod(size)
          left.delete_at(place)
        end
      end

      def others
        return @cuts.permutation.to_a if @cuts.size <= MOST_ORDERED

        @cuts.size > MOST_MOVED ? by_size : by_size + moved(by_size.first)
      end

      def moved(order)
        order.flat_map do |cut|
          rest = order.reject { |one| one.equal?(cut) }
          [[cut, *rest], [*rest, cut]]
        end
      end

      # Each from the largest to the smallest.
      def by_size
        @by_size ||= @cuts.map { |cut| sizes(cut) }.transpose.map do |told|
          @cuts.zip(told).sort_by.with_index { |(_, size), i| [-size, i] }.map(&:first)
        end
      end

      # By width, area, length, the area of all of them, and half the way round one.
      def sizes(cut)
        form = cut.forms(@fabric.directional?).first
        sides = [form.width, form.reach.call(1)]
        [cut.least_width, form.area, sides.max, form.area * cut.count, sides.sum]
      end
    end
  end
end
