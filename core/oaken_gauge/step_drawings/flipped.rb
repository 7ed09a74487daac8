# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Squares on the corners of a piece, sewn from corner to corner, the corner behind trimmed off and the square flipped over.
    class Flipped < Making
      private

      def enter(round)
        @made ||= body
        places = unit.frame.rounds(way.seam)[round - 1]
        @corners = unit.frame.joints.values_at(*places).map { |joint| corner_of(unit.patches[joint.opened.first]) }
      end

      # Centred on the unit.
      def body
        piece = way.piece_of(unit.patches.first.role)
        Assembly.piece(piece.role, piece.size, centre - (Complex.rect(*piece.size.reverse) / 2))
      end

      def centre
        Sides.of(unit.outline.floating.points).middle
      end

      def corner_of(patch)
        outward = (right_angle(patch.outline.floating) - centre).rect.map { |number| number <=> 0 }
        FlippedCorner.new(patch.role, Complex.rect(*outward), body.sides, way.piece_of(patch.role).size.first.to_f)
      end

      def right_angle(outline)
        corners = outline.points.zip(outline.points.rotate(-1), outline.points.rotate)
        corners.min_by { |point, before, after| Plane.dot(Plane.unit(before - point), Plane.unit(after - point)).abs }.first
      end

      def laid
        @corners.map { |corner| Layer.new(corner.role, corner.square, true) }
      end

      # Each beside the corner that it will be laid on.
      def marking(_step)
        drawing = Drawing.new.layers(@made.layers)
        @corners.zip(laid).each do |corner, layer|
          drawing.layers([layer.move(corner.aside)]).line(:mark, *corner.line.map { |point| point + corner.aside })
        end
        drawing
      end

      def sewing(_step)
        lines = @corners.map(&:line)
        Drawing.new.layers(@made.layers + laid).lines_of(:mark, lines).lines_of(:seam, lines)
      end

      def sewing_bonus(step)
        sewing(step).lines_of(:seam, @corners.map { |corner| corner.past(2 * seam) })
      end

      def cutting(_step)
        cuts = @corners.map { |corner| corner.past(seam) }
        off = (@made.layers + laid).map(&:outline).product(cuts).filter_map { |outline, cut| outline.left_of(*cut) }
        Drawing.new.layers(@made.layers + laid).comes_off(off).lines_of(:seam, @corners.map(&:line)).lines_of(:cut, cuts)
      end

      # Flipped, it reaches back to the corner.
      def pressing(_step)
        @made = @corners.reduce(@made) { |made, corner| made.left_of(*corner.past(seam).reverse) + Assembly.new([corner.flipped]) }
        drawing = Drawing.new.layers(@made.layers)
        @corners.each { |corner| arrow(drawing, corner.line.sum / 2, corner.aside) }
        drawing
      end

      def measuring(step)
        step.round == work.last.round ? super : Whole.under_ruler(Drawing.new.layers(@made.layers), @made.sides, step)
      end

      def trimming(_step)
        window = unit.unfinished_outline(seam)
        Drawing.new.layers(@made.layers).comes_off(@made.outside(window)).lines_of(:cut, window.edges)
      end
    end
  end
end
