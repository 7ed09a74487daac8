# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # A goose square in the middle of a sky square, sewn beside a diagonal, cut and opened; of two such halves one is laid
    # face down on the other, outer edges together, sewn beside the line across and opened. That gives two geese head to
    # head, parted midway between their tips: looked at is the one with its base to the right.
    class LargeSky < AtTheMat
      # Half of both squares, its sky's corner at nothing: raw sides of sky and goose, and the seam.
      Half = Struct.new(:sky, :goose, :seam, keyword_init: true) do
        # @yield [Complex] where a point comes to lie when it is turned over
        # @return [Half]
        def turned
          move = ->(line) { Line.new(yield(line.to), yield(line.from)) }
          Half.new(sky: sky.map(&move), goose: goose.map(&move), seam: move.call(seam))
        end

        # @return [Line] from the corner of its sky to that of its goose
        def across
          Line.new(sky.first.meet(sky.last), goose.first.meet(goose.last))
        end
      end

      private

      def sewn
        show
        under = half
        over = on_top(half, under.across)
        near = over.across.inward(deep)
        lay(under, over, near, parting(near, under, over))
      end

      def lay(under, over, near, parted)
        sides(0, under.goose.first)
        sides(1, under.sky.last, parted)
        sides(2, over.sky.last.over(near), parted)
        seam(0, under.seam)
        seam(1, near)
      end

      # At the low left corner of the line.
      def half
        sky = rectangle(*piece(:sky))
        left, low, right, top = laid_on(sky, piece(:goose), Line.new(1.0, 1i))
        seam = Line.new(right.from, top.to).inward(deep)
        Half.new(sky: sky.first(2), goose: [low.over(seam), left.over(seam)], seam: seam)
      end

      # Face down, the corner of its sky on that of the goose below.
      def on_top(half, across)
        corner = across.to + (across.way * (skill.laid + (skill.laid * 1i)))
        half.turned { |point| corner - (point.conj * 1i) }
      end

      def parting(near, under, over)
        at = (near.meet(under.seam).real + near.meet(over.seam).real) / 2
        Line.new(at + 1i, at + 0i)
      end

      # The middle of its base, at the mat and in the unit's place.
      def show
        middle = base + ((base - (SQRT2 * @seam)) * 0.5i)
        foot = Complex(@method.unit.width / 2.0, -@seam)
        place([middle - 1i, middle + 1i, middle - 1], [foot - 1, foot + 1, foot + 1i])
      end

      # How far the goose reaches from the corner of its sky.
      def base
        sky, goose = %i[sky goose].map { |role| @method.piece_of(role).size.first.to_f }
        ((sky + goose) / 2) - (SQRT2 * @seam)
      end
    end
  end
end
