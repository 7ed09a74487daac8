# frozen_string_literal: true

module OakenGauge
  module Layout
    # Lays so many of one cut into spaces, and says what is left of them.
    class Filling
      # @return [Array<Row>] what was laid
      attr_reader :rows
      # @return [Array<Space>] what is still whole
      attr_reader :free

      # @param cut [Cut]
      # @param blocks [Packing]
      def initialize(cut, blocks)
        @cut = cut
        @blocks = blocks
        @rows = []
        @free = []
      end

      # @param space [Space]
      # @param count [Integer] wanted there
      # @return [Integer] still wanted
      def fill(space, count, depth = nil)
        block = block_for(space, count, depth)
        return leave(space, count) if block.nil? || count.zero?

        here = [count, block.rows * block.each].min
        lay(space, block, here)
        rest(space, block, here, count - here, depth)
      end

      private

      # Where equal rows have room for all, those that leave most for the shelf.
      def block_for(space, count, depth)
        enough = @blocks.plain(space.long, space.wide).select { |block| block.held >= count }
        return enough.first || @blocks.best(space.long, space.wide, *depth) if enough.size < 2

        enough.max_by.with_index { |block, i| [left_of(space, block, count).select(&:worth_keeping?).sum(&:area), -i] }
      end

      # What is whole once so many are laid in rows.
      def left_of(space, block, count)
        extent = block.extent(count)
        [*space.split(*extent, @blocks.last_cut(space, extent)), *beside_last(space, block, count)]
      end

      def leave(space, count)
        @free << space
        count
      end

      # Once all are laid, the cut that leaves most is made first; before, the one that the others need.
      def rest(space, block, here, left, depth)
        if left.zero?
          @free.concat(left_of(space, block, here))
          return 0
        end

        space.split(*block.extent(here), block.first).reduce(left) { |wanted, part| fill(part, wanted, (depth || Packing::DEPTH) - 1) }
      end

      def lay(space, block, count)
        rows = Array.new(count / block.each, block.each) + [count % block.each]
        rows.reject(&:zero?).each_with_index { |held, i| @rows << row(space, *block.place(i), block, held) }
      end

      def row(space, right, upward, block, count)
        Row.new(cut: @cut, x: space.x + right, y: space.y + upward, form: block.form, turned: block.turned, count: count)
      end

      # A last row that is not full leaves a piece within the length of the others.
      def beside_last(space, block, count)
        row, in_last = (count - 1).divmod(block.each)
        full, last = [[block.each, count].min, in_last + 1].map { |held| block.form.reach.call(held) }
        return [] if full - last <= Plane::SAME

        [space.part(*block.place(row, last), *block.along_itself(full - last, block.form.width))]
      end
    end
  end
end
