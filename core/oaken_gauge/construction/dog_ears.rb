# frozen_string_literal: true

module OakenGauge
  module Construction
    # Which tips of the patches stand out past a unit when its seams are pressed: one place is trimmed once, after the last
    # seam that ends there. No seam inside the unit lies under one, so they are never in the way before.
    #
    # @example A half-square triangle unit: one at either end of its seam
    #   DogEars.new(half_square.frame, 1/4r, %i[all all]).after(0)   # => 2
    class DogEars
      # What stands out less is not worth the scissors, inches.
      LEAST = 1/16r

      # @param frame [Frame]
      # @param seam [Numeric] the allowance, inches
      # @param tips [Array<Symbol>] which of the tips of each patch are as sharp as they come: :all, :acute where a strip has
      #   cut the others off, :one where it has cut one of the acute ones off too, or :none
      def initialize(frame, seam, tips)
        @frame = frame
        @seam = seam
        @tips = tips
      end

      # @param joint [Integer] a seam by its place in the order of sewing
      # @return [Integer] dog ears to trim when it is pressed
      def after(joint)
        last_there.count { |_, last| last == joint }
      end

      private

      # Where tips stand out, with the last seam that ends there.
      def last_there
        @last_there ||= places.to_h { |place| [place, @frame.joints.rindex { |joint| ends_at?(joint, place) }] }.compact
      end

      def places
        @frame.edges.flat_map { |own| own.each_index.filter_map { |i| own[i].from if stands_out?(own[i - 1], own[i]) } }
              .uniq { |place| place.rect.map { |number| number.round(5) } }
      end

      def ends_at?(joint, place)
        [joint.low, joint.high].any? { |point| Plane.same?(point, place) }
      end

      # Whether the raw corner between two edges lies outside of the unfinished unit.
      def stands_out?(before, after)
        return false if cut_off?(before, after, @tips[after.patch])

        raw = after.from + Complex(*Plane.meeting(before.normal, @seam.to_f, after.normal, @seam.to_f))
        @frame.outer.any? { |side| side.holds?(after.from) && side.reach(raw) > @seam + LEAST }
      end

      # Of two acute tips a strip takes those of both patches at one end of a seam.
      def cut_off?(before, after, tips)
        return tips == :none unless %i[acute one].include?(tips)

        Plane.dot(before.along, after.along) > -Plane::FITTING ||
          (tips == :one && @frame.joints.any? { |joint| Plane.same?(joint.high, after.from) })
      end
    end
  end
end
