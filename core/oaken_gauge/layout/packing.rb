# frozen_string_literal: true

module OakenGauge
  module Layout
    # How many of one cut a rectangle holds, and how they lie: a block of equal rows in a corner, along or across,
    # and more such blocks in what it leaves, as hands cut: every cut from edge to edge.
    #
    # @example Rectangles of 3½ × 6½ in a square of 10: two rows, and one standing beside them
    #   blocks.best(10, 10).held   # => 3
    class Packing
      # Rows of a form. - turned: whether they run across; - rows, each: how many rows, and in each; - first: which
      # cut is made first; - held: in the block and in what it leaves
      Stack = Struct.new(:form, :turned, :rows, :each, :first, :held) do
        # @return [Stack] with some of that changed
        def with(**changes)
          Stack.new(*to_h.merge(changes).values)
        end

        # @return [Array(Numeric, Numeric)] how far so many of it go along and across, inches
        def extent(count)
          sizes = [form.reach.call([each, count].min), count.fdiv(each).ceil * form.width]
          along_itself(*sizes)
        end

        # @param row [Integer]
        # @param from [Numeric] inches along the row
        # @return [Array(Numeric, Numeric)] where in the block a row begins, along and across, inches
        def place(row, from = 0)
          along_itself(from, row * form.width)
        end

        # @return [Array(Numeric, Numeric)] what lies along and across a row, as it lies on the sheet
        def along_itself(along, across)
          turned ? [across, along] : [along, across]
        end
      end

      # How deep blocks are looked for beside blocks, and from how many pieces on that is not worth the while.
      DEPTH = 2
      MANY = 60
      # Rows and pieces fewer than fit, that leave more room beside.
      FEWER = 2

      # @return [Array<Array(Boolean, Form)>] the ways it may lie, see {Fabrics::Fabric#ways}
      attr_reader :ways

      # @param fabric [Fabrics::Fabric]
      # @param cut [Cut]
      # @param depth [Integer]
      def initialize(fabric, cut, depth: DEPTH)
        @fabric = fabric
        @ways = fabric.ways(cut)
        @squares = @ways.all? { |_, form| form.square }
        @depth = depth
        @best = {}
      end

      # @return [Stack, nil] nil where nothing fits
      def best(long, wide, depth = @depth)
        known = (@best[depth] ||= {})[long] ||= {}
        known.fetch(wide) { known[wide] = depth.zero? ? plain(long, wide).first : find(long, wide, depth) }
      end

      # @return [Array<Stack>] of equal rows alone, those that hold most first
      def plain(long, wide)
        blocks = @ways.filter_map { |turned, form| full(form, turned, long, wide) }
        blocks.size < 2 ? blocks : blocks.sort_by { |block| [-block.held, block.form.width] }
      end

      # @return [Integer] how many a rectangle holds
      def held(long, wide)
        best(long, wide)&.held || 0
      end

      # @return [Float] square inches of one, at the least
      def least_area
        @least_area ||= @ways.map { |_, form| form.area }.min.to_f
      end

      # @return [Integer] there cannot be more of squares than in rows, nor of others than the area gives room for, and none in
      #   what is narrower than any
      def most(long, wide)
        return 0 if long < least_side || wide < least_side

        @squares ? held(long, wide) : ((long.to_f * wide / least_area) + Plane::SAME).floor
      end

      # @param sizes [Array] width, length and count of each size of sheet
      # @return [Array<Integer>] how many each holds
      def held_by_each(sizes)
        (@held_by_each ||= {}.compare_by_identity)[sizes] ||= sizes.map { |wide, long, _| held(long, wide) }
      end

      # @param space [Space]
      # @param extent [Array(Numeric, Numeric)] of what lies in its corner, inches
      # @return [Symbol] the first cut beyond the last piece
      def last_cut(space, extent)
        return space.better_split(*extent) unless @fabric.crosscut_first?

        %i[across along].max_by { |first| space.split(*extent, first).select(&:worth_keeping?).sum(&:area) }
      end

      private

      def find(long, wide, depth)
        plain = plain(long, wide)
        grid = plain.first or return
        return grid if grid.held > MANY || grid.form.square

        most = most(long, wide)
        plain.reduce(grid) { |best, block| best.held >= most ? best : filled_up(block, best, long, wide, depth - 1) }
      end

      def least_side
        @least_side ||= @ways.flat_map { |_, form| [form.width, form.reach.call(1)] }.min
      end

      def full(form, turned, long, wide)
        along, across = turned ? [wide, long] : [long, wide]
        rows = @fabric.rows_across(form, across)
        each = rows.positive? ? form.per.call(along) : 0
        Stack.new(form, turned, rows, each, :along, rows * each) if each.positive?
      end

      # With fewer rows and shorter ones too, what they leave may hold more.
      def filled_up(block, best, long, wide, depth)
        fewer(block.rows).product(fewer(block.each), %i[along across]) do |rows, each, first|
          extent = block.along_itself(block.form.reach.call(each), rows * block.form.width)
          held = with_rest(rows * each, left_beside(long, wide, extent, first), best.held, depth)
          best = block.with(rows: rows, each: each, first: first, held: held) if held > best.held
        end
        best
      end

      # So many and what the rest holds. Where it has no room for more than is held already it is not looked at.
      def with_rest(own, rest, enough, depth)
        return own if own + rest.sum { |sides| most(*sides) } <= enough

        own + rest.sum { |sides| best(*sides, depth)&.held || 0 }
      end

      # What {Space#split} leaves, by how far each goes along and across.
      def left_beside(long, wide, (along, across), first)
        first == :along ? [[long, wide - across], [long - along, across]] : [[along, wide - across], [long - along, wide]]
      end

      def fewer(count)
        (1..count).to_a.last(FEWER)
      end
    end
  end
end
