# frozen_string_literal: true

module OakenGauge
  module Construction
    # A place where one seam or more end on the outside of a unit, and by how much they miss it. At a
    # corner, or where one seam ends on a side, that is how far the seam passes the place; where two
    # seams meet on a side (the tip of a goose), how deep under the allowance they meet.
    class Point
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
      # @param outside [Hash{Edge => Numeric}] how far each outer edge lies off outward, inches
      # @return [Array<Numeric>] inches
      def misses(seams, outside)
        return [tip(seams) - (sides.sum { |edge| outside[edge] } / sides.size)] if tip?

        off = moved(outside)
        @joints.map { |joint| seams[joint] - Lines.along(off, joint.normal) }
      end

      # What draws a ruler that is laid on the seams.
      # @return [Array<Array(Complex, Numeric)>] directions, and how far off along each, inches
      def pulls(seams)
        tip? ? [[sides.first.normal, tip(seams)]] : @joints.map { |joint| [joint.normal, seams[joint]] }
      end

      private

      # Two seams that meet on a side between the corners.
      def tip?
        @joints.size > 1 && !corner
      end

      def corner
        return @corner if defined?(@corner)

        @corner = @frame.corner_at(@place)
      end

      # How far outward the crossing of two seams lies off.
      def tip(seams)
        one, other = @joints.first(2)
        Lines.along(Plane.meeting(one.normal, seams[one], other.normal, seams[other]), sides.first.normal)
      end

      # Where the outside has moved the place to: outward with its side, and along it with both ends.
      def moved(outside)
        return Lines.corner(corner, outside) if corner

        edge = sides.first
        off = sides.sum { |side| outside[side] } / sides.size
        Lines.move(edge.normal, off, edge.along, drift(edge, outside))
      end

      def drift(edge, outside)
        ends = @frame.corners.select { |one| edge.reach(one.point).abs < Plane::FITTING }
        ends.sum { |one| Lines.along(Lines.corner(one, outside), edge.along) } / ends.size
      end
    end
  end
end
