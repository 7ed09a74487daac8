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
      # @param led [Symbol] what tells where an edge inside the piece lies: its :middle, or its end at a :corner of the
      #   piece, where another is laid flush with it
      def initialize(shape, exact, seam, parts: nil, led: :middle)
        @height, @width = exact.map(&:to_f)
        @led = led
        @parts = parts || own_parts(shape, seam)
      end

      # @param height [Numeric] of the piece as cut, errors and all, inches
      # @param width [Numeric] the same
      # @param apart [Proc] gives the error of a cut inside the piece, for each edge that is one
      # @return [CutPatch]
      def call(height, width, apart: nil)
        moved = corners(width - @width, height - @height)
        pushes = edges.each_with_index.map { |edge, i| push(edge, moved[i], moved[(i + 1) % moved.size]) }
        ends = ends(moved, pushes)
        pushes = pushes.each_with_index.map { |push, i| inside?(i) ? push + apart.call : push } if apart
        CutPatch.new(pushes: pushes, ends: ends, stretch: stretch)
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

      # An edge moves outward as far as the middle of its two corners does, or as its end at the piece's corner.
      def push(edge, *moved)
        ends = @led == :corner ? moved.values_at(*corner_ends(edge)) : moved
        Lines.along(ends.transpose.map(&:sum), edge.normal) / ends.size
      end

      # Where the corners are in truth, against where the pushed edges meet.
      def ends(moved, pushes)
        edges.each_index.map do |i|
          following = (i + 1) % edges.size
          [askew(i, i - 1, moved[i], pushes), askew(i, following, moved[following], pushes)]
        end
      end

      def askew(index, neighbour, moved, pushes)
        Lines.along(moved, edges[index].along) - Lines.slide(edges[index], edges[neighbour], pushes.values_at(index, neighbour))
      end

      # Which of an edge's ends lie in a corner of the piece; both where none does.
      def corner_ends(edge)
        at = [0, 1].select { |i| @parts[(edge.index + i) % @parts.size].all? { |part| (part - part.round).abs < Plane::FITTING } }
        at.empty? ? [0, 1] : at
      end

      # Whether an edge runs inside the piece rather than along its sides.
      def inside?(index)
        from, to = @parts.values_at(index, (index + 1) % @parts.size)
        [0, 1].none? { |axis| (from[axis] - to[axis]).abs < Plane::FITTING && [0, 1].any? { |side| (from[axis] - side).abs < Plane::FITTING } }
      end
    end
  end
end
