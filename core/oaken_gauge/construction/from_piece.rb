# frozen_string_literal: true

module OakenGauge
  module Construction
    # A patch that is a piece, or a part of one: half of a square, a quarter. Where the piece is too
    # large its corners lie further out, and the patch's edges with them.
    class FromPiece
      # Sizes of the piece that are kept.
      SIZES = 20

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
        @known = Memo.new(SIZES)
        @middles = middles(shape, seam)
        @parts = parts || own_parts(shape, seam)
      end

      # @param height [Numeric] of the piece as cut, errors and all, inches
      # @param width [Numeric] the same
      # @param apart [Proc] gives the error of a cut inside the piece, for each edge that is one
      # @return [CutPatch]
      def call(height, width, apart: nil)
        off = inside.map { |one| apart && one ? apart.call : 0.0 }
        lying = [height, width].all?(Float) ? @known.fetch([height, width]) { lying(height, width) } : lying(height, width)
        CutPatch.new(**lying, pushes: lying[:pushes].zip(off).map(&:sum), apart: off)
      end

      private

      # What follows from the piece's size alone: alike for every method that cuts it.
      def lying(height, width)
        moved = corners(width - @width, height - @height)
        held = @led == :corner ? flush(moved) : leaning(moved)
        { **held, ends: ends(moved, held[:pushes]), stretch: stretch, corners: moved, along: along }
      end

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

      def along
        @along ||= edges.map(&:along)
      end

      def corners(wider, higher)
        @parts.map { |x, y| [wider * x, higher * y] }
      end

      # Edges lie where their ends at the corners of the piece do.
      def flush(moved)
        { pushes: edges.map { |edge| mean(corner_ends(edge).map { |far| moved[(edge.index + far) % moved.size] }, edge.normal) } }
      end

      # An edge moves outward as far as the middle of its two corners does, and leans as they lie apart.
      def leaning(moved)
        told = edges.map { |edge| lean(edge, moved.values_at(edge.index, (edge.index + 1) % moved.size)) }
        { pushes: told.map(&:first), slopes: told.map(&:last), away: away }
      end

      # In the middle of the finished edge, and for every inch along it; as long as it is then.
      def lean(edge, moved)
        slope = across(moved, edge.normal) / (edge.length + across(moved, edge.along))
        [mean(moved, edge.normal) + (slope * (@middles[edge.index] - mean(moved, edge.along))), slope]
      end

      # How much farther the second has moved than the first.
      def across((near, far), way)
        Lines.along(far, way) - Lines.along(near, way)
      end

      def mean(moved, way)
        moved.sum { |corner| Lines.along(corner, way) } / moved.size
      end

      # How far along each edge the middle of the finished one lies from that of the raw one.
      def middles(shape, seam)
        shape.outline.floating.edges.zip(shape.cut_outline(seam).floating.edges).map do |(from, to), (raw_from, raw_to)|
          Plane.dot((from + to - raw_from - raw_to) / 2, to - from) / (to - from).abs
        end
      end

      # How far along each edge its middle lies from the middle of the piece.
      def away
        @away ||= edges.each_index.map do |i|
          Plane.dot(((edges[i].from + edges[i].to) / 2) - Complex(@width / 2, @height / 2), edges[i].along) + @middles[i]
        end
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

      # Of each edge, whether it runs inside the piece rather than along its sides.
      def inside
        @inside ||= edges.each_index.map { |i| inside?(i) }
      end

      def inside?(index)
        from, to = @parts.values_at(index, (index + 1) % @parts.size)
        [0, 1].none? { |axis| (from[axis] - to[axis]).abs < Plane::FITTING && [0, 1].any? { |side| (from[axis] - side).abs < Plane::FITTING } }
      end
    end
  end
end
