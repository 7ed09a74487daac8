# frozen_string_literal: true

module OakenGauge
  module Construction
    # A place where one seam or more end on the outside of a unit: at a corner, on a side, or where two seams meet on a side
    # (the tip of a goose).
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

      # What draws a ruler that is laid on the seams.
      # @param seams [Hash{Joint => Numeric}] how far each seam line lies off along its normal in its middle, inches
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
    end
  end
end
