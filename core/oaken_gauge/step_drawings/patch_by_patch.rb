# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Patches sewn one seam at a time, drawn where they lie in the unit: the second side of a seam is turned over onto the
    # first, and opened.
    class PatchByPatch < Making
      # How far an arrow reaches, in parts of the seam.
      REACH = 0.2
      # What a patch that is cut large is drawn to stand out by, inches.
      LARGER = 0.25

      def initialize(way)
        super
        @pressed = []
        @cut = CutPatches.new(way)
      end

      private

      def enter(round)
        @before = @pressed.dup
        @joints = unit.frame.joints.values_at(*unit.frame.rounds(way.seam)[round - 1].to_a)
        @ears = []
      end

      # Those of the seams that are told in the same words.
      def told_so(step, told)
        same = @joints.select { |joint| way.sewing.public_send(told, place(joint)) == step.on.to_s }
        same.empty? ? @joints : same
      end

      def place(joint)
        unit.frame.joints.index(joint)
      end

      # To the raw edges.
      def sewing(step)
        joints = told_so(step, :lead)
        laid = joints.flat_map { |joint| sides(joint).then { |below, above| (below + above.over(joint.low, joint.high)).layers } }
        Drawing.new.layers(laid).lines_of(:seam, joints.map { |joint| stitches(joint) })
      end

      def stitches(joint)
        past = joint.along * seam
        [joint.low - past, joint.high + past]
      end

      # What lies on either side of a seam, as it was sewn before.
      def sides(joint)
        [0, 1].map { |side| group(joint.patches.uniq.select { |patch| joint.side_of(patch) == side }, @before) }
      end

      def group(patches, sewn)
        Assembly.new(hanging_together(patches, sewn).map { |patch| Layer.new(unit.patches[patch].role, @cut.outline(patch, sewn), false) })
      end

      def hanging_together(patches, sewn)
        more = patches | sewn.select { |joint| joint.patches.intersect?(patches) }.flat_map(&:patches)
        more.size == patches.size ? patches : hanging_together(more, sewn)
      end

      # What lies on the side that it is pressed to covers both allowances.
      def pressing(step)
        joints = told_so(step, :toward)
        @pressed |= joints
        below = joints.flat_map { |joint| below(joint).layers }
        seen = group(joints.flat_map(&:patches).uniq, @pressed).layers
        @ears |= ears_of(below, seen)
        arrows = joints.flat_map { |joint| ways(joint, step).map { |way| [joint.middle, joint.middle + way] } }
        Drawing.new.layers(below + seen).lines_of(:press, arrows)
      end

      def below(joint)
        sides(joint)[pressed_to(joint).zero? ? 1 : 0]
      end

      def ears_of(below, seen)
        outside = Outside.new(*seen.flat_map { |layer| layer.outline.convex_parts })
        below.flat_map { |layer| outside.of(layer.outline) }
      end

      def pressed_to(joint)
        way.sewing.side(place(joint))
      end

      def ways(joint, step)
        way = joint.normal * joint.length * REACH
        return [way, -way] if step.operation.name == :press_open

        [pressed_to(joint) == 1 ? way : -way]
      end

      def trimming_ears(_step)
        seen = group(@joints.flat_map(&:patches).uniq, @pressed).layers
        Drawing.new.layers(seen).comes_off(@ears).lines_of(:cut, @ears.map(&:longest_edge))
      end

      # What was cut large is squared up along the sides beside it.
      def trimming(_step)
        window = unit.unfinished_outline(seam)
        Drawing.new.layers(large.layers + whole.layers).comes_off(large.outside(window)).lines_of(:cut, window.edges)
      end

      def large
        patches = unit.patches.values_at(*way.large)
        Assembly.new(patches.map { |patch| Layer.new(patch.role, patch.outline.offset(seam + LARGER), false) })
      end
    end
  end
end
