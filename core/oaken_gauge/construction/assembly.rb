# frozen_string_literal: true

module OakenGauge
  module Construction
    # A unit put together from its patches. Every patch has its own edges, off by what the cutting did;
    # each seam lies its depth inside the edges that are sewn, so what is opened away comes to lie
    # nearer or farther by what both edges and the depth are off. Then the outside is measured.
    #
    # An edge may lean where a piece was cut out of square; what is sewn to it turns with it.
    class Assembly
      # @param method [Methods::Method]
      def initialize(method)
        @method = method
        @frame = method.unit.frame
      end

      # @param draws [Draws]
      # @return [Measures]
      def call(draws)
        skill = Skill.new(@method, draws)
        @bias_edges = 0
        @held = @method.unit.patches.each_with_index.map { |patch, i| cut(patch, i, skill) }
        sewn = Sewn.new(@frame, @held, matched: @method.method(:matched_at?))
        @frame.joints.each { |joint| sew(sewn, joint, skill) }
        measure(sewn.seams, sewn.outside, skill, sewn.leaning)
      end

      # How far off the grain an edge must be to count.
      FAIR = 0.5

      private

      def cut(patch, number, skill)
        held = @method.cut_patch(patch, skill).from(@frame.turn(number))
        raw = @frame.edges[number].select { |edge| held.stretch[edge.index] > Plane::FITTING && raw?(edge, skill) }
        raw.empty? ? held : held.pushed(stretched(held, raw, skill))
      end

      # What a raw edge grows by moves the edges at its ends.
      def stretched(held, raw, skill)
        raw.each_with_object(held.pushes.dup) do |edge, pushes|
          factor = held.stretch[edge.index]
          @bias_edges += 1 if factor > FAIR
          pull(pushes, edge, grown(edge, skill) * (factor / 2))
        end
      end

      def pull(pushes, edge, half)
        before, after = @frame.beside(edge)
        pushes[before.index] -= half * Plane.dot(edge.along, before.normal)
        pushes[after.index] += half * Plane.dot(edge.along, after.normal)
      end

      def grown(edge, skill)
        skill.stretched(@method.unit.patches[edge.patch].role, @frame.outer.include?(edge) ? :outer : :sewn)
      end

      # Sewn beside a line first and cut afterwards, an edge is never handled raw.
      def raw?(edge, skill)
        skill.guide == :edge || @frame.outer.include?(edge)
      end

      def sew(sewn, joint, skill)
        off = skill.guide == :edge ? 0.0 : skill.laid
        slide = @method.matched? ? slide(joint, skill) : 0.0
        sewn.sew(joint, deep: skill.depth + (skill.pressed / 2), off: off, slide: slide,
                        along: @method.lies_along(joint, skill), line: (@method.line_on(joint) unless skill.guide == :edge))
      end

      def slide(joint, skill)
        @frame.crossings.any? { |long, _, _| long.equal?(joint) } ? skill.met : skill.laid
      end

      # What is trimmed does not lean.
      def measure(seams, outside, skill, leaning)
        trimmed, slack = @method.trimming ? @method.trimming.call(@frame, seams, outside, skill) : [outside, []]
        trimmed.each { |edge, at| leaning[edge] = 0.0 unless at.equal?(outside[edge]) }
        Measures.new(sizes: sizes(trimmed, leaning), points: points(seams, trimmed, leaning), slack: slack, bias_edges: @bias_edges)
      end

      def sizes(outside, leaning)
        @frame.spans.map do |edge, far|
          outside[edge] + (far.is_a?(Edge) ? outside[far] : -beyond(far, edge, outside, leaning))
        end
      end

      # The corner of a patch that is a unit by itself lies where it was cut.
      def beyond(corner, edge, outside, leaning)
        held = @held[edge.patch] if @frame.joints.empty?
        return Lines.along(Lines.corner(corner, outside, leaning, @method.seam.to_f), edge.normal) unless held&.corners

        held.beyond(corner.sides.find { |side| Plane.same?(side.from, corner.point) }.index, edge.index)
      end

      def points(seams, outside, leaning)
        @frame.points.flat_map { |point| point.misses(seams, outside, leaning) } +
          @frame.crossings.map { |joint, one, other| met(joint, one, seams, leaning) - met(joint, other, seams, leaning) }
      end

      # Where along a seam another meets it.
      def met(joint, other, seams, leaning)
        at, its = [joint, other].map { |line| seams[line] + (leaning[line] * line.place(joint.nearer(other))) }
        Lines.place(joint, at, other, its)
      end
    end
  end
end
