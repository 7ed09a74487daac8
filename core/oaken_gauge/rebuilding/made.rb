# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Units as they lie when they are sewn, seams and raw sides as lines in the unit's own place; trimmed, and measured as a
    # maker does: sizes across the middle of a side, and of each point how far its seam passes the place where the next
    # seam will turn, an allowance inside both sides.
    class Made
      # Upright and level.
      ACROSS = [1i, 1.0].freeze
      private_constant :ACROSS

      # @param frame [Construction::Frame]
      # @param seam [Float] the allowance, inches
      # @param sides [Hash{Construction::Edge => Line}] the raw sides, by identity
      # @param seams [Hash{Construction::Joint => Line}] by identity
      # @param middles [Hash{Construction::Edge => Complex}] where the middle of a side has moved to
      def initialize(frame, seam, sides, seams, middles = {})
        @middles = middles
        @frame = frame
        @seam = seam
        @sides = sides
        @seams = seams
      end

      # @param trimming [#call, nil]
      # @param skill [Construction::Skill]
      # @param bias_edges [Integer] that were handled raw
      # @return [Construction::Measures]
      def measures(trimming, skill, bias_edges = 0)
        slack = trimming ? trim(trimming, skill) : []
        Construction::Measures.new(sizes: sizes, points: points, slack: slack, bias_edges: bias_edges)
      end

      # @return [Array<Numeric>] what each of the frame's spans is too large, inches
      def sizes
        @frame.spans.map { |edge, far| size(edge, far) }
      end

      # @param sizes [Array<Numeric>] of the frame's spans
      # @return [Array<Numeric>] of those that are upright, and of those that are level, the mean; where it has neither, of all
      def sides(sizes)
        across = ACROSS.filter_map do |way|
          of = @frame.spans.each_index.select { |i| along(@frame.spans[i].first.normal, way).abs > 1 - Plane::FITTING }
          sizes.values_at(*of).sum / of.size unless of.empty?
        end
        across.empty? ? [sizes.sum / sizes.size] : across
      end

      private

      # The ruler lies as {Construction::Trimming} says; its lines are straight.
      def trim(trimming, skill)
        raw = @frame.outer.to_h { |edge| [edge, off(edge)] }.compare_by_identity
        trimmed, slack = trimming.call(@frame, seams, raw, skill)
        @sides = trimmed.to_h { |edge, off| [edge, off.equal?(raw[edge]) ? @sides[edge] : due(edge).inward(-off)] }.compare_by_identity
        slack
      end

      # How far each lies off in its middle.
      def seams
        @seams.to_h { |joint, line| [joint, line.beyond(joint.middle, joint.normal)] }.compare_by_identity
      end

      # Where a side should lie.
      def due(edge)
        Line.new(edge.from, edge.to).inward(-@seam)
      end

      def off(edge)
        along = along(@middles.fetch(edge, edge.middle) - edge.middle, edge.along)
        @sides.fetch(edge).beyond(edge.middle + (edge.normal * @seam) + (edge.along * along), edge.normal)
      end

      def size(edge, far)
        off(edge) + (far.is_a?(Construction::Edge) ? off(far) : -along(moved(far), edge.normal))
      end

      # What a corner of the outside lies off.
      def moved(corner)
        sides = sides_at(corner)
        @sides.fetch(sides.first).meet(@sides.fetch(sides.last)) - due(sides.first).meet(due(sides.last))
      end

      def sides_at(corner)
        one = corner.sides.first
        [one, corner.sides.find { |edge| Plane.cross(edge.normal, one.normal).abs > Plane::FITTING }]
      end

      def points
        @frame.points.flat_map { |point| misses(point) } +
          @frame.crossings.map { |joint, one, other| along(met(joint, one) - met(joint, other), joint.along) }
      end

      def misses(point)
        return [along(met(*point.joints.first(2)) - point.place, point.sides.first.normal) - mean_off(point)] if point.tip?

        place = place(point)
        point.joints.map { |joint| @seams.fetch(joint).beyond(place, joint.normal) }
      end

      # Where the next seams will turn, or pass.
      def place(point)
        return beside(point) unless point.corner

        sides_at(point.corner).map { |edge| @sides.fetch(edge).inward(@seam) }.then { |one, other| one.meet(other) }
      end

      # A place along a side: outward with it, and along it with both its ends.
      def beside(point)
        edge = point.sides.first
        ends = @frame.corners.select { |one| edge.reach(one.point).abs < Plane::FITTING }
        point.place + (edge.normal * mean_off(point)) + (edge.along * (ends.sum { |one| along(moved(one), edge.along) } / ends.size))
      end

      def mean_off(point)
        point.sides.sum { |edge| off(edge) } / point.sides.size
      end

      def met(joint, other)
        @seams.fetch(joint).meet(@seams.fetch(other))
      end

      def along(move, direction)
        (move.conj * direction).real
      end
    end
  end
end
