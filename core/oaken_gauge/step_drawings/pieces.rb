# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Squares and rectangles that come off strips, and what is cut of each.
    module Pieces
      # Pieces of a strip that are shown.
      SHOWN = 6
      # How far beside a row its number stands, in parts of its length.
      BESIDE = 0.09

      private

      # Squares or rectangles off a strip, from its end.
      def pieces(step)
        row = under_one_another(pieces_of(step)) { |cut| row_of(cut, step) }
        sides = row.sides
        row.label(sides.right + (sides.wide * BESIDE), sides.middle.imag, "× #{step.pieces || step.count}")
      end

      # A square is told by one side.
      def pieces_of(step)
        size = Array(step.size).sort
        way.cuts.select { |cut| cut.subcut && [size, size * 2].include?(cut.size.sort) && on?(step, cut.role) }
      end

      # As many layers as are cut at once, and as many cuts as are made of them.
      def row_of(cut, step)
        high, wide = cut.size.map(&:to_f).minmax
        in_a_row(cut, step, wide, high).tool(Polygon.rectangle(wide, high)).upright(:lit, 0, high).label(wide / 2, high / 2,
way.say(cut.size.max))
      end

      def in_a_row(cut, step, wide, high)
        count = step.count.ceil.clamp(1, SHOWN)
        drawing = Drawing.new.piece(cut.role, (count * wide) + self.class::BEYOND, high, layers: step.layers)
        count.times { |i| drawing.upright(:cut, (i + 1) * wide, high) }
        drawing
      end

      # Through all layers of a stack, corner to corner.
      def halving(step)
        under_one_another(way.cuts.select { |cut| cut.then_do == step.operation.name }) do |cut|
          Drawing.new.piece(cut.role, *cut.size.reverse, layers: step.layers).lines_of(:cut, marks_on(cut))
        end
      end

      # Told in parts of its sides.
      def marks_on(cut)
        high, wide = cut.size.map(&:to_f)
        cut.marks.map { |line| line.map { |x, y| Complex.rect(x * wide, y * high) } }
      end

      # The tips of a patch, as the trimmer takes them off: what reaches past its finished sides and their allowances.
      def tips(_step)
        patches = way.unit.patches.uniq(&:shape).reject { |patch| way.class::PLAIN.include?(patch.shape.kind) }
        under_one_another(patches) { |patch| tips_of(patch.role, patch.shape.outline.floating, way.seam.to_f) }
      end

      def tips_of(role, finished, seam)
        sharp = finished.offset(seam)
        off = Outside.new(Sides.of(finished.points).grow(seam).rectangle).of(sharp)
        Drawing.new.layers([Layer.new(role, sharp, false)]).comes_off(off).lines_of(:cut, off.map(&:longest_edge))
      end
    end
  end
end
