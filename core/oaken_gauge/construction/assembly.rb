# frozen_string_literal: true

module OakenGauge
  module Construction
    # A unit put together from its patches. Every patch has its own edges, off by what the cutting did;
    # each seam lies its depth inside the edges that are sewn, so what is opened away comes to lie
    # nearer or farther by what both edges and the depth are off. Then the outside is measured.
    #
    # Patches move, they do not turn: an edge stays parallel to where it should be.
    class Assembly
      # @param method [Methods::Method]
      def initialize(method)
        @method = method
        @frame = method.unit.frame
      end

      # @param draws [Draws]
      # @return [Measures]
      def call(draws)
        hand = Hand.new(@method, draws)
        @bias_edges = 0
        @ends = []
        fabric = @method.unit.patches.each_with_index.map { |patch, i| cut(patch, i, hand) }
        sewn = Sewn.new(@frame, fabric, @ends, matched: @method.method(:matched_at?))
        @frame.joints.each { |joint| sew(sewn, joint, hand) }
        measure(sewn.seams, sewn.outside, hand)
      end

      # How far off the grain an edge must be to count.
      FAIR = 0.5

      private

      def cut(patch, number, hand)
        held = @method.cut_patch(patch, hand)
        turn = @frame.turn(number)
        @ends[number] = held.ends&.rotate(turn)
        stretch(held.pushes.rotate(turn), held.stretch.rotate(turn), number, hand)
      end

      # What a raw edge grows by moves the edges at its ends.
      def stretch(pushes, factors, number, hand)
        @frame.edges[number].each do |edge|
          next unless factors[edge.index] > Plane::FITTING && raw?(edge, hand)

          @bias_edges += 1 if factors[edge.index] > FAIR
          pull(pushes, edge, grown(edge, hand) * (factors[edge.index] / 2))
        end
        pushes
      end

      def pull(pushes, edge, half)
        before, after = @frame.beside(edge)
        pushes[before.index] -= half * Plane.dot(edge.along, before.normal)
        pushes[after.index] += half * Plane.dot(edge.along, after.normal)
      end

      def grown(edge, hand)
        hand.stretched(@method.unit.patches[edge.patch].role, @frame.outer.include?(edge) ? :outer : :sewn)
      end

      # Sewn beside a line first and cut afterwards, an edge is never handled raw.
      def raw?(edge, hand)
        hand.guide == :edge || @frame.outer.include?(edge)
      end

      def sew(sewn, joint, hand)
        off = hand.guide == :edge ? 0.0 : hand.laid
        slide = @method.matched? ? slide(joint, hand) : 0.0
        sewn.sew(joint, depth: hand.depth, pressed: hand.pressed, off: off, slide: slide,
                        along: @method.lies_along(joint, hand))
      end

      def slide(joint, hand)
        @frame.crossings.any? { |long, _, _| long.equal?(joint) } ? hand.met : hand.laid
      end

      def measure(seams, outside, hand)
        trimmed, slack = @method.trimming ? @method.trimming.call(@frame, seams, outside, hand) : [outside, []]
        Measures.new(sizes: sizes(trimmed), points: points(seams, trimmed), slack: slack, bias_edges: @bias_edges)
      end

      def sizes(outside)
        @frame.spans.map do |edge, far|
          next outside[edge] + outside[far] if far.is_a?(Edge)

          outside[edge] - Lines.along(Lines.corner(far, outside), edge.normal)
        end
      end

      def points(seams, outside)
        @frame.points.flat_map { |point| point.misses(seams, outside) } +
          @frame.crossings.map { |joint, one, other| place(joint, one, seams) - place(joint, other, seams) }
      end

      def place(joint, other, seams)
        Lines.place(joint, seams[joint], other, seams[other])
      end
    end
  end
end
