# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # A unit as it should come out, unfinished: with its size beside it, or under a ruler.
    class Whole
      # What a ruler reaches past what it measures, and how far off numbers stand, in parts of the unit.
      PAST = 0.12
      BESIDE = 0.1
      # Longer words are said once where both sides are alike.
      LONG = 8

      # @param unit [Units::Unit]
      # @param seam [Float] the allowance, inches
      def initialize(unit, seam)
        @unit = unit
        @seam = seam
      end

      # @param step [Methods::Step] that says its size
      # @return [Drawing]
      def sized(step)
        off = sides.most * BESIDE
        Whole.told(Drawing.new.layers(layers), :size, sides, [sides.bottom - off, sides.right + off], Whole.sizes(step))
      end

      # @param step [Methods::Step] that says its size; where it is no rectangle its finished outline is laid on it
      # @return [Drawing]
      def measured(step)
        return outlined unless @unit.frame.rectangular?

        Whole.under_ruler(Drawing.new.layers(layers), sides, step)
      end

      class << self
        # @param drawing [Drawing]
        # @param sides [Sides] of what is measured
        # @param step [Methods::Step] that says its size
        # @return [Drawing] the same under a ruler, the lines that should lie on its edges lit
        def under_ruler(drawing, sides, step)
          drawing.tool(sides.rectangle(sides.most * PAST))
          told(drawing, :lit, sides, [sides.top, sides.right], sizes(step), sides.most * PAST / 2)
        end

        # A patch as it is seen where some of its seams are sewn: these run on to the raw edge.
        #
        # @param edges [Array<Construction::Edge>]
        # @yield [Construction::Edge] gives how far past it the patch is seen, inches
        # @return [Polygon]
        def patch(edges)
          lines = edges.map { |edge| [edge.normal, Plane.dot(edge.normal, edge.from) + yield(edge)] }
          Polygon.new(lines.each_index.map { |i| Plane.meeting(*lines[i - 1], *lines[i]) })
        end

        # A line for its width and one for its height, and what they measure.
        #
        # @param at [Array(Numeric, Numeric)] how high the one lies, and how far across the other stands
        # @param beside [Numeric] how far outside of its line a number stands, inches
        # @return [Drawing]
        def told(drawing, what, sides, at, sizes, beside = 0)
          level, upright = at
          tall, wide = sizes
          drawing.level(what, level, sides.right, from: sides.left).label(sides.middle.real, level + beside, wide)
          drawing.upright(what, upright, sides.top, from: sides.bottom)
          tall == wide && tall.size > LONG ? drawing : drawing.label(upright + beside, sides.middle.imag, tall)
        end

        # @param step [Methods::Step] "4 1/2 square" or "2 1/2 × 4 1/2"
        # @return [Array(String, String)] its height and width
        def sizes(step)
          words = step.on.to_s.delete_suffix(" square").split(" × ")
          [words.first.to_s, words.last.to_s]
        end
      end

      # Its patches as they are seen, each with the allowance that it has on the outside.
      # @return [Array<Layer>]
      def layers
        @unit.patches.each_with_index.map { |patch, place| Layer.new(patch.role, seen(place), false) }
      end

      # @return [Sides] of the unfinished unit
      def sides
        @sides ||= Sides.of(@unit.unfinished_outline(@seam).points)
      end

      private

      def outlined
        corners = @unit.outline.floating.points
        Drawing.new.layers(layers).line(:lit, *corners, corners.first)
      end

      def seen(place)
        Whole.patch(@unit.frame.edges[place]) { |edge| @unit.frame.outer.include?(edge) ? @seam : 0.0 }
      end
    end
  end
end
