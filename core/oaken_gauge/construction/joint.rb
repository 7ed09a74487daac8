# frozen_string_literal: true

module OakenGauge
  module Construction
    # One seam of a finished unit: the edges on either side of it, and where it ends.
    #
    # - first, second: [[Edge, weight]], the weights of a side add up to one
    # - low, high: its ends, inches, seen along it
    # - lead: the patch that the seam line is told by
    class Joint
      # @return [Array<Array(Edge, Float)>]
      attr_reader :first, :second
      # @return [Complex] the seam's ends, inches
      attr_reader :low, :high
      # @return [Float] how long it is, inches
      attr_reader :length

      # @param shared [Array<Array(Edge, Edge, Float)>] edges that face one another, and for how long
      # @param groups [Array(Array<Integer>, Array<Integer>)] patches on either side
      def initialize(shared, groups)
        @groups = groups
        @length = shared.sum(&:last).round(9)
        @ends = {}.compare_by_identity
        @first = weighed(shared.group_by(&:first))
        @second = weighed(shared.group_by { |_, other, _| other })
        ends = @first.flat_map { |edge, _| [edge.from, edge.to] }
        @low, @high = ends.minmax_by { |point| Plane.dot(point, along) }
      end

      # @return [Array<Integer>] on both its sides
      def patches
        @groups.flatten
      end

      # @return [Array<Integer>] the patches that are opened away
      def opened
        @groups.last
      end

      # @return [Integer]
      def lead
        first.first.first.patch
      end

      # @return [Complex] outward from the first side
      def normal
        first.first.first.normal
      end

      # @return [Complex]
      def along
        first.first.first.along
      end

      # @return [Complex] inches
      def middle
        @middle ||= (low + high) / 2
      end

      # @param other [Joint]
      # @return [Complex] the end of another that lies nearer to it
      def nearer(other)
        [other.low, other.high].min_by { |point| Plane.dot(point - middle, normal).abs }
      end

      # @return [Float] how far along it a point lies, from its middle
      def place(point)
        Plane.dot(point - middle, along)
      end

      # Which side of the seam a patch lies on.
      # @return [Integer, nil] 0, 1, or nil when it is in neither
      def side_of(patch)
        @groups.index { |group| group.include?(patch) }
      end

      # The edges whose corners are the ends of a side: the one at the low end and that at the high end.
      # @param side [Array<Array(Edge, Float)>]
      # @return [Array(Array(Edge, Symbol), Array(Edge, Symbol))]
      def ends(side)
        @ends[side] ||= begin
          points = side.flat_map { |edge, _| [[edge, :from], [edge, :to]] }
          points.minmax_by { |edge, corner| Plane.dot(edge.public_send(corner), along) }
        end
      end

      private

      def weighed(grouped)
        whole = grouped.values.flatten(1).sum(&:last)
        grouped.map { |edge, list| [edge, list.sum(&:last) / whole] }
      end
    end
  end
end
