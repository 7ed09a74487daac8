# frozen_string_literal: true

module OakenGauge
  module Methods
    # How hands sew the seams of a unit from its patches: in which rounds, which piece lies on top, from which end, which
    # way it is pressed and why. All of it follows from where the seams lie.
    #
    # @example The second sky of a goose: the tip is there already, under the needle
    #   Sewing.new(geese, 1/4r).lead(1)    # => ", the pieced side on top so that you see the point, from the blunt end, ..."
    #   Sewing.new(geese, 1/4r).toward(1)  # => "to the sky, where fewer seams lie"
    class Sewing
      # An end is blunter than the other by so much, radians; a corner is sharp under so much.
      FAIR = 0.05
      SHARP = Math::PI / 3

      # @param unit [Units::Unit]
      # @param seam [Numeric] the allowance, inches
      # @param blunt [Boolean] whether patches come without their tips
      # @param open [Boolean] whether seams are pressed open, and are pinned where others are nested
      def initialize(unit, seam, blunt: false, open: false)
        @unit = unit
        @frame = unit.frame
        @seam = seam
        @blunt = blunt
        @open = open
        @leads = {}
        @ways = {}
      end

      # @return [Array<Array<Integer>>] seams, round after round
      def rounds
        @frame.rounds(@seam)
      end

      # @param seam [Integer] by its place in the order of sewing
      # @return [String] how it is laid and led, after "sew a seam"; empty where nothing is to be minded
      def lead(seam)
        @leads[seam] ||= [on_top(seam), from(seam), leader(seam)].compact.map { |words| ", #{words}" }.join
      end

      # @param seam [Integer]
      # @return [String] which way it is pressed, and why
      def toward(seam)
        @ways[seam] ||= crossed?(seam) ? nesting(seam) : fewer(seam) || by_role(seam)
      end

      # @param seam [Integer]
      # @return [Integer] the side of the seam that {#toward} names: 0 or 1
      def side(seam)
        first, second = ending(seam)
        return first < second ? 0 : 1 unless crossed?(seam) || first == second

        dark?(seam) ? sides(seam).index([:dark]) : 1
      end

      private

      # Of either side, the seams sewn before that end in this one: their points are to be met.
      def ending(seam)
        joint = @frame.joints[seam]
        before = @frame.joints.first(seam).select { |other| [other.low, other.high].any? { |point| on?(joint, point) } }
        [0, 1].map { |side| before.count { |other| joint.side_of(other.lead) == side } }
      end

      def on?(joint, point)
        joint.first.any? { |edge, _| edge.holds?(point) }
      end

      def on_top(seam)
        first, second = ending(seam)
        return if first.zero? && second.zero?

        return "the pieced side on top so that you see the point" unless first.positive? && second.positive?

        @open ? "pinned where the seams meet" : "the seams nested"
      end

      def from(seam)
        low, high = blunted(seam)
        "from the blunt end" if (low - high).abs > FAIR || (sharp?(seam) && @blunt)
      end

      # A sharp corner under the needle is drawn into the machine.
      def leader(seam)
        "starting on a scrap; don't pull" if sharp?(seam)
      end

      def sharp?(seam)
        angles(seam).flatten.min < SHARP
      end

      # How wide the fabric is at either end of a seam, both sides together.
      def blunted(seam)
        angles(seam).transpose.map(&:sum)
      end

      # @return [Array(Array(Float, Float), Array(Float, Float))] of either side, the corners at both ends, radians
      def angles(seam)
        joint = @frame.joints[seam]
        [joint.first, joint.second].map { |side| joint.ends(side).map { |edge, corner| angle(edge, corner) } }
      end

      def angle(edge, corner)
        before, after = @frame.beside(edge)
        one, other = corner == :from ? [before, edge] : [edge, after]
        Math::PI - Plane.cross(one.along, other.along).then { |sine| Math.atan2(sine, Plane.dot(one.along, other.along)).abs }
      end

      # Whether it meets another in a later seam.
      def crossed?(seam)
        @frame.crossings.any? { |_, *pair| pair.any? { |one| one.equal?(@frame.joints[seam]) } }
      end

      def nesting(seam)
        dark?(seam) ? "to the dark side, to nest in the next seam" : "alternately to one side and the other, to nest"
      end

      def dark?(seam)
        sides(seam).count { |roles| roles == [:dark] } == 1
      end

      def fewer(seam)
        first, second = ending(seam)
        side = sides(seam)[first < second ? 0 : 1]
        "to the #{named(side)}, where fewer seams lie" unless first == second
      end

      def by_role(seam)
        return "to the dark side, so that nothing shows through" if dark?(seam)

        roles = sides(seam).last
        sides(seam).uniq.one? ? "to one side, all alike" : "to the #{named(roles)}, all alike"
      end

      # Left and right alone would be directions, and a half half of something.
      def named(roles)
        "#{roles.join(' and ')}#{' patch' if roles.intersect?(%i[left right half])}"
      end

      # @return [Array(Array<Symbol>, Array<Symbol>)] the fabrics on either side
      def sides(seam)
        joint = @frame.joints[seam]
        [0, 1].map { |side| joint.patches.select { |patch| joint.side_of(patch) == side }.map { |patch| @unit.patches[patch].role }.uniq }
      end
    end
  end
end
