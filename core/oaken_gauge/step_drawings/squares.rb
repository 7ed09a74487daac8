# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Two squares sewn beside their diagonal: half-square triangle units, and the first round of others.
    class Squares < Pairs
      private

      def stage_of(_round)
        diagonal(*squares)
      end

      # @return [Array(Layout::Piece, Layout::Piece)] the one below, and the one that is marked
      def squares
        marked, below = way.cuts.partition { |cut| MARKED.include?(cut.then_do) }
        [below.find { |cut| cut.then_do == :pair } || below.first, marked.first]
      end
      MARKED = %i[mark_diagonal mark_both_diagonals].freeze
      private_constant :MARKED

      def diagonal(below, marked)
        under = Assembly.piece(below.role, below.size)
        along(under, face_down(marked), 0i, corner(below.size))
      end

      def corner(size)
        Complex.rect(*size.reverse.map(&:to_f))
      end

      def face_down(piece, at = 0i)
        Assembly.new(Assembly.piece(piece.role, piece.size, at).layers.map { |layer| Layer.new(layer.role, layer.outline, true) })
      end

      # Two sides are trimmed, it is rotated, and two more; or two only, where two raw sides are led by lines.
      def trimming(step)
        window = unfinished
        lines = window.edges
        lines = lines.values_at(1, 2) if step.operation.name == :trim_two
        drawing = Drawing.new.layers(made.layers).comes_off(made.outside(window)).lines_of(:cut, lines)
        @made = made.inside(window)
        drawing
      end

      # Where it lies in what was sewn: centred on its seam, or in the corner of two raw sides.
      def unfinished
        high, wide = unit.side_lengths.map { |side| side.to_f + (2 * seam) }
        low, up = fold_ends
        middle = (low + up) / 2
        Polygon.rectangle(wide, high).move(middle - Complex.rect(wide / 2, high / 2)).floating
      end
    end
  end
end
