# frozen_string_literal: true

module OakenGauge
  module Units
    # Eight 45° wedges that make an octagon in a block of finished side F, light and dark in turn, with
    # four corner triangles of leg F(1 - 1/√2).
    class WedgeRing < Unit
      title "ring of eight wedges", "rings of eight wedges"
      roles :light, :dark, :corners
      measure "Block side"
      starter({ "finished" => "12", "count" => 4 })

      # What large corners are cut larger by, to be squared up, inches.
      LARGE_BY = 1/2r

      def initialize(finished:, count:, large_corners: false)
        super(finished: finished, count: count)
        @large_corners = large_corners
      end

      # @param node [Documents::Node]
      # @return [WedgeRing]
      def self.read(node)
        node.keys(required: %w[kind finished count], optional: %w[large_corners])
        new(finished: node.length("finished", most: LARGEST), count: read_count(node), large_corners: node.flag("large_corners"))
      end

      # @return [Boolean] whether the corners are cut large and squared up
      def large_corners?
        @large_corners
      end

      # @return [Rational] what a piece for a role is cut larger by, inches
      def oversize(role)
        large_corners? && role == :corners ? LARGE_BY : 0r
      end

      # @return [Array<Patch>]
      def patches
        @patches ||= Array.new(8) { |i| wedge(i) } + Array.new(4) { |i| corner(i) }
      end

      # @return [Array] wedges in pairs, pairs in halves, the halves, then the corners, each to its wedge
      def joins
        pairs = [[[0], [1]], [[2], [3]], [[4], [5]], [[6], [7]], [[0, 1], [2, 3]], [[4, 5], [6, 7]]]
        [*pairs, [[0, 1, 2, 3], [4, 5, 6, 7]], *Array.new(4) { |i| [[((2 * i) + 1) % 8], [8 + i]] }]
      end

      # @return [Hash]
      def to_document(measure)
        large_corners? ? super.merge("large_corners" => true) : super
      end

      private

      def scaled(scale)
        super(scale, large_corners: large_corners?)
      end

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
