# frozen_string_literal: true

module OakenGauge
  module Planning
    # Several forms of stock that are taken whole, as one: precuts, strips, fat quarters and scraps lie beside one another on the
    # table, and what is cut from which is settled for all of them.
    class Sheets
      include Fabrics::AsSheets

      # @param stock [Array<Fabrics::Fabric>]
      # @param entries [Array<Integer>] which of it
      def initialize(stock, entries)
        @stock = stock
        @entries = entries
      end

      # @return [Boolean]
      def none?
        @entries.empty?
      end

      # @return [Boolean] a print that may not be turned
      def directional?
        @entries.any? { |entry| @stock[entry].directional? }
      end

      # @return [Boolean] whether the rest of a sheet is cut off across before anything else
      def crosscut_first?
        @entries.all? { |entry| @stock[entry].crosscut_first? }
      end

      # @return [Array] width, length and count of each size
      def rectangles
        @rectangles ||= own.map(&:first).group_by { |wide, long, _| [wide, long] }.map do |size, same|
          counts = same.map(&:last)
          [*size, (counts.sum unless counts.any?(&:nil?))]
        end
      end

      # @return [Integer, nil] sheets; nil where nobody says
      def holds
        rectangles.sum(&:last) unless rectangles.any? { |rectangle| rectangle.last.nil? }
      end

      # @param taken [Array<Layout::Sheet>]
      # @yield [Layout::Piece] tells its kind
      # @return [Array<Laying::Cut>] each with the entry of the stock that it comes from, and which of its sheets it is
      def laid(taken, &kind)
        left = own.map { |(wide, long, count), entry| [[wide, long], count || Float::INFINITY, entry] }
        used = Hash.new(0)
        taken.flat_map { |sheet| shared_out(sheet, left).map { |entry, times| cut(sheet, entry, times, used, &kind) } }
      end

      private

      # A bolt is a sheet as long as it is.
      def own
        @own ||= @entries.flat_map { |entry| sizes_of(@stock[entry]).map { |size| [size, entry] } }
      end

      def sizes_of(fabric)
        fabric.bolt? ? [[fabric.length, fabric.usable_width, 1]] : fabric.rectangles
      end

      def shared_out(sheet, left)
        wanted = sheet.repeats
        left.select { |size, count, _| size == [sheet.wide, sheet.long] && count.positive? }.filter_map do |one|
          times = [wanted, one[1]].min
          wanted -= times
          one[1] -= times
          [one.last, times] if times.positive?
        end
      end

      def cut(sheet, entry, times, used, &)
        number = used[entry]
        used[entry] += times
        place = @stock[entry].bolt? ? { stock: entry, sheet: nil } : { stock: entry, sheet: number }
        Laying.sheet(sheet, { **place, times: times }, &)
      end
    end
  end
end
