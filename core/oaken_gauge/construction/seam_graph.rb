# frozen_string_literal: true

module OakenGauge
  module Construction
    # Which seams of a unit have to wait for which others. A seam that crosses, meets or overlaps an earlier one in the
    # same piece comes after that one was sewn and pressed: its allowances would lie under the other, or sew it down. So
    # does one that would be sewn through what still lies folded over on an earlier seam.
    # Seams with nothing between them are one round, and are done together for the whole batch.
    #
    # @example Flying geese: one sky, pressed, then the other; their seams meet at the goose's tip
    #   SeamGraph.new(geese.frame, 1/4r).rounds   # => [[0], [1]]
    class SeamGraph
      # @param frame [Frame]
      # @param seam [Numeric] the allowance, inches
      def initialize(frame, seam)
        @joints = frame.joints
        @outlines = frame.edges.map { |edges| edges.map(&:from) }
        @seam = seam
      end

      # @return [Array<Array<Integer>>] seams by their place in the order of sewing, round after round
      def rounds
        round_of.group_by(&:last).sort.map { |_, list| list.map(&:first) }
      end

      # @return [Hash{Integer => Array<Integer>}] for each seam those that it waits for
      def waits
        @waits ||= begin
          pieces = {}
          @sides = {}
          @joints.each_with_index.to_h { |joint, i| [i, join(joint, i, pieces)] }
        end
      end

      private

      def round_of
        waits.each_with_object({}) { |(seam, before), rounds| rounds[seam] = (before.map { |one| rounds[one] }.max || -1) + 1 }
      end

      # Sews two pieces to one, and says which of the seams in them are in the way.
      # @param pieces [Hash{Integer => Array}] for each patch its piece: patches and seams
      def join(joint, number, pieces)
        parts = joint.patches.map { |patch| pieces[patch] || [[patch], []] }.uniq
        patches, seams = parts.transpose.map(&:flatten)
        patches.each { |patch| pieces[patch] = [patches, seams + [number]] }
        @sides[number] = parts.map(&:first)
        seams.select { |other| near?(joint, @joints[other]) || under_flap?(joint, other) }
      end

      # Whether what lies on the other side of an earlier seam, folded over on it, lies where this one is sewn.
      def under_flap?(joint, other)
        own = (joint.first + joint.second).map { |edge, _| edge.patch }
        @sides[other].reject { |side| side.intersect?(own) }.flatten.any? do |patch|
          covered?([joint.low, joint.high], folded(@outlines[patch], @joints[other]))
        end
      end

      def folded(points, line)
        points.map { |point| line.low + (line.along * ((point - line.low) / line.along).conj) }
      end

      def covered?(ends, corners)
        return false if %i[real imag].any? { |axis| beyond?(ends.map(&axis), corners.map(&axis)) }

        edges = corners.each_index.map { |i| [corners[i - 1], corners[i]] }
        edges.any? { |edge| Plane.apart(ends, edge) < @seam } || holds?(edges, ends.sum / 2)
      end

      # Whether the one ends well before the other begins.
      def beyond?(one, other)
        one.max < other.min - @seam || other.max < one.min - @seam
      end

      # A line from the point to the right crosses the outline an odd number of times.
      def holds?(edges, point)
        edges.count do |from, to|
          (from.imag > point.imag) != (to.imag > point.imag) &&
            point.real < from.real + ((to - from).real * (point.imag - from.imag) / (to - from).imag)
        end.odd?
      end

      # Two allowances overlap where their seams are nearer than both are wide.
      def near?(one, other)
        Plane.apart([one.low, one.high], [other.low, other.high]) < (2 * @seam) - Plane::FITTING
      end
    end
  end
end
