# frozen_string_literal: true

module OakenGauge
  module Methods
    # How many layers are cut through at once. A strip of the bolt lies folded, which is two; two such strips on one another
    # are four. What was bought cut, or comes off a precut, lies single. What is wanted of one size is cut from all strips of
    # one width together, whichever fabric they are of, through no more layers than is her habit.
    #
    # @example Twelve squares each of two fabrics, a folded strip of each
    #   Stacks.new(method).of_pieces.first.cuts   # => 6, through four layers
    class Stacks
      # - cuts_of: [Layout::Cut] whose pieces they are; - size: height and width of a piece, inches
      # - pieces: how many are to be cut off; - ready: layers that can lie on one another
      # - layers: that do
      Stack = Struct.new(:cuts_of, :size, :pieces, :ready, :layers, keyword_init: true) do
        # @return [Integer]
        def cuts
          pieces.fdiv(layers).ceil
        end
      end

      # @param method [Method] with what it takes from stock
      def initialize(method)
        @task = method.task
        @taken = method.allocations
      end

      # @return [Array<Stack>] of pieces, or of blanks, that are cut off strips
      def of_pieces
        @of_pieces ||= untiled.flat_map { |cut, taken| taken.rows.map { |row, sheet| [cut, row, sheet] } }
                              .group_by { |cut, row, sheet| [cut.size, cut.die, *lying(cut, row, sheet)] }.values.map { |same| stack(same) }
      end

      # @return [Hash{Rational => Array(Integer, Integer, Integer)}] of strips that come off precuts, fat quarters and scraps, by
      #   width: how many, the cuts, and through how many layers at the most; equal ones lie on one another.
      #   A strip of the bolt is cut by itself, through its fold.
      def of_strips
        @of_strips ||= strips_off.group_by { |row, _| row.form.width }.transform_values do |same|
          alike = same.group_by { |row, sheet| [sheet.size, row.x, row.y, row.turned] }.values
          cut_at_once(alike.map { |list| list.sum { |_, sheet| sheet.repeats } })
        end
      end

      # @param cuts [Array<Layout::Cut>] of pieces
      # @return [Array<Array(Integer, Integer)>] all their pieces, and the layers in which they lie as they are cut further
      def of_cuts(cuts)
        cuts.group_by { |cut| [cut.size, layers_of(cut)] }.map { |(_, layers), same| [same.sum(&:count), layers] }
      end

      # @param run [Layout::Run]
      # @return [Array<Array(Integer, Integer, Symbol)>] shapes, layers, and where they are cut from: :folded, :single or
      #   :paired strips. The lower layer of a fold comes out as the mirror image: what is wanted of one hand more than of the
      #   other is cut from strips that lie single, right side up.
      def of_run(run)
        return [[run.count, run.layers, :paired]] if run.layers > 1

        strips = [@taken.fetch(run).rows.sum { |_, sheet| sheet.repeats }, 1].max
        both = run.hands ? 2 * run.hands.min : run.count
        [from_fold(run, both, strips), from_single(run, run.count - both, strips)].reject { |shapes, *| shapes.zero? }
      end

      private

      def layers_of(cut)
        of_pieces.select { |stack| stack.cuts_of.any? { |one| one.equal?(cut) } }.map(&:layers).max || 1
      end

      # Of so many that lie alike each: all of them, the cuts, and the most layers of one.
      def cut_at_once(alike)
        [alike.sum, alike.sum { |ready| ready.fdiv(least(ready)).ceil }, alike.map { |ready| least(ready) }.max]
      end

      def habit
        @task.maker.layers
      end

      def least(ready, most = habit)
        [habit, most, ready].min
      end

      def bolt?(cut)
        @task.fabric(cut.role).bolt?
      end

      def untiled
        @taken.reject { |cut, _| cut.tiled? }
      end

      # Strips of one width lie on one another, scraps only where they are of one size.
      def lying(cut, row, sheet)
        fabric = @task.fabric(cut.role)
        [fabric.bolt?, row.form.width, (sheet.size if fabric.is_a?(Fabrics::Scraps))]
      end

      def stack(same)
        cut = same.first.first
        folded = bolt?(cut)
        strips = same.sum { |_, _, sheet| sheet.repeats }
        ready = folded ? 2 * strips : strips
        Stack.new(cuts_of: same.map(&:first).uniq(&:object_id), size: cut.size, ready: ready, layers: least(ready),
                  pieces: same.sum { |_, row, sheet| folded ? sheet.repeats * row.count : sheet.subcuts(row) })
      end

      def strips_off
        @taken.reject { |cut, _| bolt?(cut) }.values.flat_map(&:rows).reject { |row, sheet| sheet.last?(row) }
      end

      # A nest is laid along the whole strip.
      def from_fold(run, shapes, strips)
        folded = bolt?(run) && run.each == 1
        [shapes, least(folded ? 2 * strips : strips, run.most_layers || habit), folded ? :folded : :single]
      end

      # So many of the strips as their share of the shapes.
      def from_single(run, shapes, strips)
        single = [(strips * shapes / run.count.to_r).ceil, 1].max
        [shapes, least(single, run.most_layers || habit), :right_side_up]
      end
    end
  end
end
