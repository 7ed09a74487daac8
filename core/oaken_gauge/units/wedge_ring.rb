# frozen_string_literal: true

module OakenGauge
  module Units
    # Eight 45° wedges that make an octagon in a block of finished side F, light and dark in turn, with
    # four corner triangles of leg F(1 - 1/√2).
    class WedgeRing < Unit
      title "ring of eight wedges", "rings of eight wedges"
      roles :light, :dark, :corners
      common 9
      finishes "Block side"
      counted
      flag :large_corners, label: "Cut the corners large and square them up"
      alias large_corners? large_corners
      starter({ "finished" => "12", "count" => 4 })

      # What large corners are cut larger by, to be squared up, inches.
      LARGE_BY = 1/2r

      # @return [Array<Patch>]
      def patches
        @patches ||= Array.new(8) { |i| wedge(i) } + Array.new(4) { |i| corner(i) }
      end

      # @return [Array] wedges in pairs, pairs in halves, the halves, then the corners, each to its wedge
      def joins
        pairs = [[[0], [1]], [[2], [3]], [[4], [5]], [[6], [7]], [[0, 1], [2, 3]], [[4, 5], [6, 7]]]
        [*pairs, [[0, 1, 2, 3], [4, 5, 6, 7]], *Array.new(4) { |i| [[((2 * i) + 1) % 8], [8 + i]] }]
      end

      private

      def leg
        finished * (1 - (1 / SQRT2))
      end

      # The octagon's corners, from the right end of the lower side round.
      def rim
        far = finished.to_f
        near = leg
        [[far - near, 0], [far, near], [far, far - near], [far - near, far], [near, far], [0, far - near], [0, near], [near, 0]]
      end

      def wedge(index)
        middle = finished / 2.0
        patch(index.even? ? :light : :dark, Patches::Wedge.new(finished/2r), rim[index - 1], rim[index], [middle, middle])
      end

      def corner(index)
        far = finished.to_f
        tip = [[far, 0.0], [far, far], [0.0, far], [0.0, 0.0]][index]
        patch(:corners, Patches::HalfSquare.new(leg), tip, rim[(2 * index) + 1], rim[2 * index])
      end
    end
  end
end
