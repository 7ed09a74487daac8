# frozen_string_literal: true

module OakenGauge
  module Layout
    # All cuts of one bolt on strips of it: a row along each of as many as it takes, and on strips of another cut that are
    # as wide only what saves a whole strip, so that what is left of them is larger.
    class SharingStrips < Sharing
      # @return [Laid]
      def best
        least
      end

      # @return [Boolean] whether a strip holds one
      def holds?(cut)
        @blocks[cut].ways.any?
      end

      private

      # As they are listed; and every other order, where strips are as wide as one another.
      def orders
        widths = @blocks.values.flat_map(&:ways).map { |_, form| form.width }
        return [@cuts] if widths.uniq.size == widths.size || @cuts.size > Orders::MOST_ORDERED

        [@cuts, *@cuts.permutation.to_a].uniq { |order| order.map { |cut| [cut.likeness, cut.count] } }
      end

      # Those with most left first.
      def use_up(cut, wanted)
        here = @taken.empty? ? 0 : to_save_strips(cut, wanted)
        return wanted if here.zero?

        @taken = @taken.sort_by.with_index { |sheet, i| [-sheet.free.sum(&:area), i] }
        wanted - here + super(cut, here)
      end

      def to_save_strips(cut, wanted)
        each = held_by_whole(cut).max.to_i
        return 0 if each.zero?

        there = @taken.sum { |sheet| sheet.repeats * held_by_rest(sheet, cut) }
        fresh = [wanted - there, 0].max.fdiv(each).ceil
        [wanted - (fresh * each), 0].max
      end

      def open_sheets(cut, wanted)
        form = @blocks[cut].ways.first&.last or return wanted
        each = form.per.call(@fabric.usable_width)
        portions(wanted.fdiv(each).ceil, each, wanted).each do |repeats, count|
          @taken << strip(Row.new(cut: cut, x: 0, y: 0, form: form, turned: false, count: count), repeats)
        end
        0
      end

      def strip(row, repeats)
        long = @fabric.usable_width
        wide = row.form.width
        reach = row.reach
        free = Space.new(x: reach, y: 0, long: long - reach, wide: wide) if reach < long
        Sheet.new(long: long, wide: wide, repeats: repeats, rows: [row], free: [free].compact, opener: row.cut)
      end
    end
  end
end
