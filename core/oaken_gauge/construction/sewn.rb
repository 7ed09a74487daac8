# frozen_string_literal: true

module OakenGauge
  module Construction
    # Patches as far as they have been sewn: where each lies, and where the seams are.
    class Sewn
      # @param frame [Frame]
      # @param fabric [Array<Array<Numeric>>] by patch and edge, what lies beyond each, inches
      # @param ends [Array<Array, nil>] by patch and edge, see {CutPatch}
      # @param matched [Proc] tells of a joint and one of its ends whether the patches are laid together there
      def initialize(frame, fabric, ends, matched: ->(_, _) { true })
        @matched = matched
        @frame = frame
        @fabric = fabric
        @ends = ends
        @shifts = fabric.map { [0.0, 0.0] }
        @lines = {}.compare_by_identity
      end

      # Sews one seam and opens what lies on it. Where it is known how it lies along the seam, it lies so.
      # Where seams of both sides meet in it they are nested; elsewhere the ends at which it is matched are
      # laid together, or the middles between both.
      #
      # @param joint [Joint]
      # @param depth [Numeric] how much deeper than the allowance it is, inches
      # @param pressed [Numeric] what it keeps back when it is pressed, inches
      # @param off [Numeric] how far the second side was laid off the line, inches
      # @param slide [Numeric] how far it was laid off along the seam, inches
      # @param along [Numeric, nil] where it lies along the seam, inches; nil when it is matched there
      # @return [void]
      def sew(joint, depth:, pressed:, off:, slide:, along: nil)
        near, far = sides(joint).map { |beyond| beyond - depth - (pressed / 2) }
        @lines[joint] = near - Lines.along(@shifts[joint.lead], joint.normal)
        unfold(joint, near + far + off, (along || meeting(joint, near, far)) + slide)
      end

      # @return [Hash{Joint => Numeric}] how far each seam line lies off along its normal, inches
      def seams
        @lines.to_h { |joint, _| [joint, seam(joint)] }.compare_by_identity
      end

      # @return [Hash{Edge => Numeric}] how far each outer edge lies off outward, inches
      def outside
        @frame.outer.to_h { |edge| [edge, push(edge) + Lines.along(@shifts[edge.patch], edge.normal)] }.compare_by_identity
      end

      private

      def unfold(joint, away, along)
        joint.opened.each do |patch|
          x, y = Lines.move(joint.normal, away, joint.along, along)
          @shifts[patch] = [@shifts[patch][0] + x, @shifts[patch][1] + y]
        end
      end

      def push(edge)
        @fabric[edge.patch][edge.index]
      end

      def seam(joint)
        @lines[joint] + Lines.along(@shifts[joint.lead], joint.normal)
      end

      # How far the second side has to be moved along the seam.
      def meeting(joint, near, far)
        nested = @frame.crossings.select { |long, _, _| long.equal?(joint) }
        return ends(joint, joint.first) - ends(joint, joint.second) if nested.empty?

        nested.sum { |_, one, other| Lines.place(joint, near, one, seam(one)) - Lines.place(joint, -far, other, seam(other)) } / nested.size
      end

      def sides(joint)
        [beyond(joint.first, joint.normal), beyond(joint.second, -joint.normal)]
      end

      # What lies beyond the seam on one side of it, all its edges together.
      def beyond(side, normal)
        side.sum { |edge, weight| (push(edge) + Lines.along(@shifts[edge.patch], normal)) * weight }
      end

      # How far the ends of a side lie off along the seam, taken together.
      def ends(joint, side)
        places = joint.ends(side)
        matched = places.select { |edge, corner| @matched.call(joint, edge.public_send(corner)) }
        places = matched unless matched.empty?
        places.sum { |edge, corner| end_of(edge, corner, joint) } / places.size
      end

      def end_of(edge, corner, joint)
        which = corner == :from ? 0 : 1
        (slide(edge, which) * Plane.dot(edge.along, joint.along)) + Lines.along(@shifts[edge.patch], joint.along)
      end

      # How far along an edge one of its ends lies off.
      def slide(edge, which)
        neighbour = @frame.beside(edge)[which]
        askew = @ends[edge.patch]
        Lines.slide(edge, neighbour, [push(edge), push(neighbour)]) + (askew ? askew[edge.index][which] : 0)
      end
    end
  end
end
