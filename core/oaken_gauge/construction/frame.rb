# frozen_string_literal: true

module OakenGauge
  module Construction
    # The finished unit as lines: the edges of its patches, its seams, its outer sides, and the points
    # where seams meet the outside. What comes of errors is worked out in {Rebuilding}.
    class Frame
      # A corner of the outside. - point; - sides: the outer edges that meet there
      Corner = Struct.new(:point, :sides, keyword_init: true) do
        # @return [Array(Edge, Edge)] two of its sides that are not parallel
        def pair
          [sides.first, sides.find { |edge| Plane.cross(edge.normal, sides.first.normal).abs > Plane::FITTING }]
        end
      end

      # @return [Array<Array<Edge>>] by patch
      attr_reader :edges
      # @return [Array<Joint>] in the order of sewing
      attr_reader :joints

      # @param unit [Units::Unit]
      def initialize(unit)
        @unit = unit
        @known = Memo.new(200)
        @edges = unit.patches.each_with_index.map { |patch, i| edges_of(patch, i) }
        @joints = unit.joins.map { |groups| Joint.new(shared(*groups), groups) }
      end

      # @param one [Array<Integer>] patches
      # @param other [Array<Integer>] patches
      # @return [Array<Array(Edge, Edge, Float)>] edges that face one another, and for how many inches
      def shared(one, other)
        facing = edges.values_at(*other).flatten
        edges.values_at(*one).flatten.product(facing).filter_map do |edge, against|
          common = edge.overlap(against) if edge.faces?(against)
          [edge, against, common] if common && common > Plane::FITTING
        end
      end

      # @return [Array<Edge>] those that no seam takes up
      def outer
        @outer ||= begin
          sewn = joints.flat_map { |joint| (joint.first + joint.second).map(&:first) }
          edges.flatten - sewn
        end
      end

      # @param edge [Edge]
      # @return [Array(Edge, Edge)] the edges of its patch before and after it
      def beside(edge)
        own = edges[edge.patch]
        [own[edge.index - 1], own[(edge.index + 1) % own.size]]
      end

      # Outer edges that measure the unit's size between them: each with one straight across from it, or
      # with the farthest corner where none is.
      # @return [Array<Array(Edge, (Edge, Corner))>]
      def spans
        @spans ||= outer.flat_map { |edge| across(edge) }.uniq { |pair| pair.map(&:object_id).sort }
      end

      # @return [Array<Corner>] of the whole unit
      def corners
        @corners ||= outline.floating.points.map do |point|
          Corner.new(point: point, sides: outer.select { |edge| edge.holds?(point) })
        end
      end

      # @param point [Complex]
      # @return [Corner, nil] the corner of the whole unit that it is
      def corner_at(point)
        corners.find { |one| Plane.same?(one.point, point) }
      end

      # @return [Array<Point>] where seams end on the outside
      def points
        @points ||= ends.group_by { |point, _| point.rect.map { |number| number.round(5) } }
                        .map { |_, list| Point.new(self, list.first.first, list.map(&:last)) }.select(&:outside?)
      end

      # Where seams on either side of another meet in it.
      # @return [Array<Array(Joint, Joint, Joint)>] the long seam, and one from either side
      def crossings
        @crossings ||= joints.flat_map.with_index { |joint, i| crossings_of(joint, joints.first(i)) }
      end

      # Other outlines have no sides to lay a ruler across.
      # @return [Boolean]
      def rectangular?
        return @rectangular if defined?(@rectangular)

        @rectangular = (outline.area - (outline.width * outline.height)).abs < Plane::FITTING
      end

      # What was worked out of the unit's outlines, by what was asked: alike for every count of it. Threads share a frame, and
      # a plain Hash that two of them write to may break Ruby itself.
      # @return [Memo]
      attr_reader :known

      # @param seam [Numeric] the allowance, inches
      # @return [Array<Array<Integer>>] seams by their place in the order of sewing, round after round
      def rounds(seam)
        known.fetch([:rounds, seam]) { SeamGraph.new(self, seam).rounds }
      end

      # @param seam [Numeric] inches
      # @param tips [Array<Symbol>] of each patch, see {DogEars}
      # @return [Array<Integer>] dog ears to trim after each seam
      def dog_ears(seam, tips)
        known.fetch([:dog_ears, seam, tips]) do
          ears = DogEars.new(self, seam, tips)
          joints.each_index.map { |joint| ears.after(joint) }
        end
      end

      # How the corners of a patch's own outline are counted in its place in the unit.
      # @return [Integer] which of the shape's edges is the patch's first
      def turn(patch)
        @turns ||= @unit.patches.map { |one| one.shape.outline.first_edge_on(one.outline) }
        @turns[patch]
      end

      private

      def outline
        @unit.outline
      end

      def edges_of(patch, number)
        patch.outline.floating.edges.map.with_index { |(from, to), i| Edge.new(patch: number, index: i, from: from, to: to) }
      end

      def across(edge)
        facing = outer.select { |other| edge.against?(other) }
        return [[edge, corners.min_by { |corner| edge.reach(corner.point) }]] if facing.empty?

        beside = facing.select { |other| edge.overlap(other) > Plane::FITTING }
        (beside.empty? ? facing : beside).map { |other| [edge, other] }
      end

      def ends
        joints.flat_map { |joint| [[joint.low, joint], [joint.high, joint]] }
      end

      def crossings_of(joint, before)
        sides = [0, 1].map { |side| before.select { |other| ending_in?(other, joint) && joint.side_of(other.lead) == side } }
        sides.first.product(sides.last).select { |one, other| meet?(one, other) }.map { |pair| [joint, *pair] }
      end

      def ending_in?(other, joint)
        [other.low, other.high].any? { |point| joint.first.any? { |edge, _| edge.holds?(point) } } &&
          outer.none? { |edge| edge.holds?(common_end(other, joint)) }
      end

      def common_end(other, joint)
        [other.low, other.high].find { |point| joint.first.any? { |edge, _| edge.holds?(point) } }
      end

      def meet?(one, other)
        [one.low, one.high].product([other.low, other.high]).any? { |point, its| Plane.same?(point, its) }
      end
    end
  end
end
