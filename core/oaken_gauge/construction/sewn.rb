# frozen_string_literal: true

module OakenGauge
  module Construction
    # Patches as far as they have been sewn: where each lies, and where the seams are.
    class Sewn
      # @param frame [Frame]
      # @param held [Array<CutPatch>] each as it was cut, its first edge the one that is first in the unit
      # @param matched [Proc] tells of a joint and one of its ends whether the patches are laid together there
      def initialize(frame, held, matched: ->(_, _) { true })
        @matched = matched
        @frame = frame
        @lying = Lying.new(held)
        @lines = {}.compare_by_identity
      end

      # Sews one seam and opens what lies on it. Where it is known how it lies along the seam, it lies so.
      # Where seams of both sides meet in it they are nested; elsewhere the ends at which it is matched are
      # laid together, or the middles between both.
      #
      # @param joint [Joint]
      # @param deep [Numeric] how much deeper than the allowance it lies when it is pressed, inches
      # @param off [Numeric] how far the second side was laid off the line, inches
      # @param slide [Numeric] how far it was laid off along the seam, inches
      # @param along [Numeric, nil] where it lies along the seam, inches; nil when it is matched there
      # @param line [Symbol, nil] the side with the line that is sewn beside: the seam lies where that is laid; nil where
      #   raw edges are followed
      # @return [void]
      def sew(joint, deep:, off:, slide:, along: nil, line: nil)
        @line = line
        near, far = sides(joint).map { |mid, lean| [mid - deep, lean] }
        keep(joint, near[0] + (line == :second ? off : 0.0), near[1])
        unfold(joint, near, [far[0] + off, far[1]], (along || meeting(joint, near, far)) + slide)
      end

      # @return [Hash{Joint => Numeric}] how far each seam line lies off along its normal, in its middle, inches
      def seams
        @lines.to_h { |joint, _| [joint, seam(joint)] }.compare_by_identity
      end

      # @return [Hash{Edge => Numeric}] how far each outer edge lies off outward, in its middle, inches
      def outside
        @frame.outer.to_h { |edge| [edge, @lying.off(edge)] }.compare_by_identity
      end

      # @return [Hash{Joint, Edge => Numeric}] how much farther out each seam and outer edge lies for every inch along it
      def leaning
        @frame.outer.to_h { |edge| [edge, @lying.lean(edge)] }.merge(@lines.to_h { |joint, _| [joint, lean(joint)] }).compare_by_identity
      end

      private

      # What is opened comes to lie on the seam, and turns about its middle.
      def unfold(joint, (near, lean), (far, its_lean), along)
        shift = Lines.move(joint.normal, near + far + (lean * along), joint.along, along)
        @lying.move(joint.opened, joint.middle, shift, its_lean - lean)
      end

      # A seam moves with the patch that it is told by.
      def keep(joint, mid, lean)
        @lines[joint] = [mid - @lying.moved(joint.lead, joint.middle, joint.normal), lean + @lying.spin(joint.lead)]
      end

      def seam(joint)
        @lines[joint].first + @lying.moved(joint.lead, joint.middle, joint.normal)
      end

      def lean(joint)
        @lines[joint].last - @lying.spin(joint.lead)
      end

      # What lies beyond the seam on either side of it, and how that leans. A square that is laid edge on edge under a line
      # is cut along that line, askew to its own corners.
      def sides(joint)
        first, second = [joint.first, joint.second].map { |side| beyond(side) }
        return [first, under(joint.second, second, -first[1])] if @line == :first && joint.second.one?

        [@line == :second && joint.first.one? ? [first[0], -second[1]] : first, second]
      end

      def under(side, beyond, lean)
        [beyond[0] + @lying.askew(side.first.first, lean), lean]
      end

      # All edges together. A line across several goes from corner to corner.
      def beyond(side)
        return across(side) if @line && side.size > 1

        [side.sum { |edge, weight| @lying.off(edge) * weight }, side.sum { |edge, weight| @lying.lean(edge) * weight }]
      end

      def across(side)
        first, last = side.map(&:first).minmax_by { |edge| Plane.dot(edge.from, edge.along) }
        low = @lying.corner(first, 0)
        high = @lying.corner(last, 1)
        [(low + high) / 2, (high - low) / Plane.dot(last.to - first.from, first.along)]
      end

      # How far the second side has to be moved along the seam.
      def meeting(joint, near, far)
        nested = @frame.crossings.select { |long, _, _| long.equal?(joint) }
        return ends(joint, joint.first) - ends(joint, joint.second) if nested.empty?

        nested.sum { |_, one, other| place(joint, near, one) - place(joint, [-far[0], far[1]], other) } / nested.size
      end

      # Where along a seam another meets it, which ends there.
      def place(joint, (mid, lean), other)
        at = joint.nearer(other)
        Lines.place(joint, mid + (lean * joint.place(at)), other, seam(other) + (lean(other) * other.place(at)))
      end

      # How far the ends of a side lie off along the seam, taken together.
      def ends(joint, side)
        places = joint.ends(side)
        matched = places.select { |edge, corner| @matched.call(joint, edge.public_send(corner)) }
        places = matched unless matched.empty?
        places.sum { |edge, corner| end_of(edge, corner == :from ? 0 : 1) * Plane.dot(edge.along, joint.along) } / places.size
      end

      def end_of(edge, far)
        @lying.end_of(edge, far, @frame.beside(edge)[far])
      end
    end
  end
end
