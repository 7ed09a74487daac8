# frozen_string_literal: true

module OakenGauge
  module Construction
    # Which tips of the patches stand out when a seam is pressed: past the unit, or past an edge that is sewn later, where
    # they would lie under that seam. At one end of a seam they are trimmed off together, before the next round.
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
        @rounds = frame.rounds(seam)
      end

      # What is trimmed at one place in one round is counted with the last seam that ends there.
      # @param joint [Integer] a seam by its place in the order of sewing
      # @return [Integer] dog ears to trim when it is pressed
      def after(joint)
        all.count { |_, last| last == joint }
      end

      private

      # Round after round, where tips stand out, with the last seam of the round that ends there.
      # @return [Array<Array(Complex, Integer)>]
      def all
        @all ||= @rounds.each_index.flat_map { |round| of_round(round) }
      end

      def of_round(round)
        sewn = @rounds.first(round + 1).flatten
        open = open_edges(sewn)
        ends_of(round).select { |place| stands_out?(place, sewn, open) }.map do |place|
          [place, @rounds[round].select { |joint| ends_at?(joint, place) }.max]
        end
      end

      # Edges that no seam so far has taken up.
      def open_edges(sewn)
        @frame.edges.flatten - @frame.joints.values_at(*sewn).flat_map { |joint| (joint.first + joint.second).map(&:first) }
      end

      def ends_of(round)
        @frame.joints.values_at(*@rounds[round]).flat_map { |joint| [joint.low, joint.high] }
              .uniq { |place| place.rect.map { |number| number.round(5) } }
      end

      def ends_at?(joint, place)
        [@frame.joints[joint].low, @frame.joints[joint].high].any? { |point| Plane.same?(point, place) }
      end

      # Whether the raw corner of a patch lies outside of what it is sewn to, at a place where both have one.
      def stands_out?(place, sewn, open)
        corners(place).any? do |before, after|
          raw = after.from + Complex(*Plane.meeting(before.normal, @seam.to_f, after.normal, @seam.to_f))
          open.any? { |side| side.holds?(place) && side.reach(raw) > @seam + LEAST && joined?(side.patch, after.patch, sewn) }
        end
      end

      # The corners of patches there that are still as sharp as they were.
      def corners(place)
        @frame.edges.flat_map { |own| own.each_index.map { |i| [own[i - 1], own[i]] } }
              .select { |before, after| Plane.same?(after.from, place) && !cut_off?(before, after, @tips[after.patch]) }
      end

      # Whether two patches hang together by seams sewn so far.
      def joined?(one, other, sewn)
        piece = sewn.each_with_object([[one]]) do |joint, pieces|
          touched = pieces.select { |patches| patches.intersect?(@frame.joints[joint].patches) }
          pieces.replace((pieces - touched) << (touched.flatten | @frame.joints[joint].patches))
        end
        piece.any? { |patches| patches.include?(one) && patches.include?(other) }
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
