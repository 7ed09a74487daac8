# frozen_string_literal: true

module OakenGauge
  module Construction
    # A patch that is a piece, or a part of one: half of a square, a quarter. Where the piece is too
    # large its corners lie further out, and the patch's edges with them.
    class FromPiece
      # @param shape [Patches::Shape]
      # @param exact [Array(Numeric, Numeric)] height and width of the piece before rounding, inches
      # @param seam [Numeric] inches
      # @param parts [Array, nil] corners of the patch in parts of the piece; where the shape lies in its
      #   own piece unless said
      def initialize(shape, exact, seam, parts: nil)
        @height, @width = exact.map(&:to_f)
        @parts = parts || own_parts(shape, seam)
      end

      # @param height [Numeric] of the piece as cut, errors and all, inches
      # @param width [Numeric] the same
      # @param apart [Proc] gives the error of a cut inside the piece, for each edge that is one
      # @return [CutPatch]
      def call(height, width, apart: nil)
        moved = corners(width - @width, height - @height)
        pushes = edges.each_with_index.map { |edge, i| push(edge, moved[i], moved[(i + 1) % moved.size]) }
        pushes = pushes.each_with_index.map { |push, i| inside?(i) ? push + apart.call : push } if apart
        CutPatch.new(pushes: pushes, stretch: stretch)
      end

      private

      def own_parts(shape, seam)
        shape.cut_outline(seam).floating.settle.corners.map { |x, y| [x / @width, y / @height] }
      end

      def polygon
        @polygon ||= Polygon.new(@parts.map { |x, y| [x * @width, y * @height] })
      end

      def stretch
        @stretch ||= CutPatch.stretch(polygon)
      end

      def edges
        @edges ||= polygon.edges.each_with_index.map { |(from, to), i| Edge.new(patch: 0, index: i, from: from, to: to) }
      end

      def corners(wider, higher)
        @parts.map { |x, y| [wider * x, higher * y] }
      end

      # An edge moves outward as far as the middle of its two corners does.
      def push(edge, (x1, y1), (x2, y2))
        Lines.along([x1 + x2, y1 + y2], edge.normal) / 2
      end

      # Whether an edge runs inside the piece rather than along its sides.
      def inside?(index)
        from, to = @parts.values_at(index, (index + 1) % @parts.size)
        [0, 1].none? { |axis| (from[axis] - to[axis]).abs < Plane::FITTING && [0, 1].any? { |side| (from[axis] - side).abs < Plane::FITTING } }
      end
    end
  end
end
