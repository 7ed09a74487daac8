# frozen_string_literal: true

module OakenGauge
  module Construction
    # A place where one seam or more end on the outside of a unit, and by how much they miss it. At a
    # corner, or where one seam ends on a side, that is how far the seam passes the place; where two
    # seams meet on a side (the tip of a goose), how deep under the allowance they meet.
    class Point
      # @return [Complex] inches
      attr_reader :place
      # @return [Array<Joint>] the seams that end there
      attr_reader :joints

      # @param frame [Frame]
      # @param place [Complex] inches
      # @param joints [Array<Joint>] the seams that end there
      def initialize(frame, place, joints)
        @frame = frame
        @place = place
        @joints = joints
      end

      # @return [Boolean]
      def outside?
        sides.any?
      end

      # @return [Array<Edge>] the outer edges there
      def sides
        @sides ||= @frame.outer.select { |edge| edge.holds?(@place) }
      end

      # @param seams [Hash{Joint => Numeric}] how far each seam line lies off along its normal, inches
      # @param outside [Hash{Edge => Numeric}] how far each outer edge lies off outward, inches; both in the middle
      # @param leaning [Hash{Joint, Edge => Numeric}] for every inch along it
      # @return [Array<Numeric>] inches
      def misses(seams, outside, leaning)
        at = @joints.to_h { |joint| [joint, seams[joint] + (leaning[joint] * joint.place(@place))] }.compare_by_identity
        return [tip(at) - mean(outside, leaning)] if tip?

        off = moved(outside, leaning)
        @joints.map { |joint| at[joint] - Lines.along(off, joint.normal) }
      end

      # What draws a ruler that is laid on the seams.
      # @return [Array<Array(Complex, Numeric)>] directions, and how far off along each, inches
      def pulls(seams)
        tip? ? [[sides.first.normal, tip(seams)]] : @joints.map { |joint| [joint.normal, seams[joint]] }
      end

      # @return [Boolean] whether two seams meet on a side between the corners
      def tip?
        @joints.size > 1 && !corner
      end

      # @return [Frame::Corner, nil] the corner of the unit that it is
      def corner
        return @corner if defined?(@corner)

        @corner = @frame.corner_at(@place)
      end

      private

      # How far outward the crossing of two seams lies off.
      def tip(seams)
        one, other = @joints.first(2)
        Lines.along(Plane.meeting(one.normal, seams[one], other.normal, seams[other]), sides.first.normal)
      end

      # Where the outside has moved the place to: outward with its side, and along it with both ends.
      def moved(outside, leaning)
        return Lines.corner(corner, outside, leaning) if corner

        edge = sides.first
        Lines.move(edge.normal, mean(outside, leaning), edge.along, drift(edge, outside, leaning))
      end

      def mean(outside, leaning)
        sides.sum { |side| outside[side] + (leaning[side] * Plane.dot(@place - side.middle, side.along)) } / sides.size
      end

      def drift(edge, outside, leaning)
        ends = @frame.corners.select { |one| edge.reach(one.point).abs < Plane::FITTING }
        ends.sum { |one| Lines.along(Lines.corner(one, outside, leaning), edge.along) } / ends.size
      end
    end
  end
end
