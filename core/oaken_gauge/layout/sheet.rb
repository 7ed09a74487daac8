# frozen_string_literal: true

module OakenGauge
  module Layout
    # What is taken of a fabric: a precut, a scrap, or a strip; and how many are cut just like it. Rows of pieces lie on
    # it; the rest is still whole.
    #
    # - long, wide: inches along it and across; - repeats: how many; - rows: [Row]; - free: [Space];
    # - opener: the cut it was taken for
    Sheet = Struct.new(:long, :wide, :repeats, :rows, :free, :opener, keyword_init: true) do
      # @return [Sheet] with some of that changed
      def with(**changes)
        Sheet.new(**to_h, **changes)
      end

      # @return [Numeric] square inches of all of them
      def area
        long * wide * repeats
      end

      # @return [Array<Space>] what goes back to the shelf, largest first
      def kept
        @kept ||= free.select(&:worth_keeping?).sort_by { |space| -space.area }
      end

      # @return [Numeric] square inches of all of them
      def kept_area
        kept.sum(&:area) * repeats
      end

      # @return [Numeric] square inches of all that goes back and is of use elsewhere
      def useful_area
        kept.sum { |space| space.of_use?([wide, long].min) ? space.area : 0 } * repeats
      end

      # @return [Boolean] whether it has a piece's size, so that nothing is cut
      def whole?
        rows.one? && rows.first.count == 1 && ends?(rows.first) && last?(rows.first)
      end

      # @return [Integer] cuts that part a row's pieces, on all of them: the last one may end where the sheet does
      def subcuts(row)
        repeats * (row.count - (ends?(row) ? 1 : 0))
      end

      # @return [Boolean] whether the row ends where it ends
      def ends?(row)
        begins, length = row.turned ? [row.y, wide] : [row.x, long]
        same?(begins + row.reach, length)
      end

      # @return [Boolean] whether the row's far side is its own
      def last?(row)
        begins, length = row.turned ? [row.x, long] : [row.y, wide]
        same?(begins + row.form.width, length)
      end

      # @return [Array(Numeric, Numeric)] as it is drawn, height and width in inches
      def size
        [wide, long]
      end

      # @return [Array<Polygon>] the shapes on it
      def outlines
        rows.flat_map(&:outlines)
      end

      # @return [Array<Array>] lines across them: pairs of points
      def marks
        rows.flat_map(&:marks)
      end

      # @return [Array<Numeric>, nil] left, low, width and height of the largest piece that goes back
      def offcut
        kept.first&.then { |space| [space.x, space.y, space.long, space.wide] }
      end

      private

      def same?(one, other)
        (one - other).abs < Plane::SAME
      end
    end
  end
end
