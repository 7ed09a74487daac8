# frozen_string_literal: true

module OakenGauge
  module Construction
    # A patch that is a piece, or a part of one: half of a square, a quarter. Where the piece is too large its corners lie
    # further out.
    class FromPiece
      # @param shape [Patches::Shape]
      # @param exact [Array(Numeric, Numeric)] height and width of the piece before rounding, inches
      # @param seam [Numeric] inches
      def initialize(shape, exact, seam)
        @height, @width = exact.map(&:to_f)
        outline = shape.cut_outline(seam).floating.settle
        @parts = outline.corners.map { |x, y| [x / @width, y / @height] }
        @stretch = CutPatch.stretch(outline)
        @along = outline.edges.map { |from, to| Plane.unit(to - from) }
        @inside = @parts.each_index.map { |index| inside?(index) }
      end

      # @param height [Numeric] of the piece as cut, errors and all, inches
      # @param width [Numeric] the same
      # @param apart [Proc] gives the error of a cut inside the piece, for each edge that is one
      # @return [CutPatch]
      def call(height, width, apart: nil)
        CutPatch.new(stretch: @stretch, along: @along, apart: @inside.map { |one| apart && one ? apart.call : 0.0 },
                     corners: @parts.map { |x, y| [(width - @width) * x, (height - @height) * y] })
      end

      private

      # Whether an edge runs inside the piece rather than along its sides.
      def inside?(index)
        from, to = @parts.values_at(index, (index + 1) % @parts.size)
        [0, 1].none? { |axis| (from[axis] - to[axis]).abs < Plane::FITTING && [0, 1].any? { |side| (from[axis] - side).abs < Plane::FITTING } }
      end
    end
  end
end
