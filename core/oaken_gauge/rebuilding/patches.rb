# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Units from patches: each is cut as a polygon, laid with its raw edge on that of what it is sewn to, and sewn at the
    # allowance from it. Fabric that was cut askew turns what is sewn to it.
    class Patches < Work
      # How far off the grain an edge must be to count.
      FAIR = 0.5

      private

      def sewn
        @middles = @frame.edges.flatten.to_h { |edge| [edge, edge.middle] }.compare_by_identity
        @frame.edges.each_index { |patch| @frame.edges[patch].zip(cut(patch)) { |edge, line| @sides[edge] = line } }
        @frame.joints.each { |joint| sew(joint) }
      end

      # Its raw edges where they should lie, in the order of the unit's own.
      # @return [Array<Line>]
      def cut(patch)
        held = @method.cut_patch(@method.unit.patches[patch], skill).from(@frame.turn(patch))
        edges = @frame.edges[patch]
        grown(edges, held.corners ? between_corners(edges, held) : pushed(edges.map { |edge| due(edge) }, held.pushes), held.stretch)
      end

      # Cut out of a piece: from where one of its corners came to lie to the next.
      def between_corners(edges, held)
        turn = edges.first.along / held.along.first
        at = corners(edges).zip(held.corners).map { |corner, (x, y)| corner + (turn * (x + (y * 1i))) }
        pushed(at.zip(at.rotate).map { |ends| Line.new(*ends) }, held.apart)
      end

      # Where the raw corners of a patch should lie.
      def corners(edges)
        edges.each_index.map { |i| due(edges[i - 1]).meet(due(edges[i])) }
      end

      def pushed(lines, pushes)
        lines.zip(pushes).map { |line, push| line.inward(-push) }
      end

      def due(edge)
        Line.new(edge.from, edge.to).inward(-@seam)
      end

      # A raw edge on the bias grows, and moves what lies at its ends.
      def grown(edges, lines, factors)
        bias = edges.each_index.select { |i| factors[i] > Plane::FITTING && raw?(edges[i]) }
        @bias_edges += bias.count { |i| factors[i] > FAIR }
        bias.each_with_object(lines.dup) { |i, all| grow(edges, all, i, stretched(edges[i]) * (factors[i] / 2)) }
      end

      def grow(edges, lines, number, half)
        [[number - 1, half], [(number + 1) % edges.size, -half]].each do |beside, by|
          lines[beside] = lines[beside].inward(by * Plane.dot(edges[number].along, edges[beside].normal))
        end
      end

      def raw?(edge)
        skill.guide == :edge || @frame.outer.include?(edge)
      end

      def stretched(edge)
        skill.stretched(@method.unit.patches[edge.patch].role, @frame.outer.include?(edge) ? :outer : :sewn)
      end

      def sew(joint)
        depth = deep
        near = side(joint.first).inward(depth)
        far = side(joint.second).inward(depth - off)
        unfold(joint, near, far, along(joint, near, far) + slide(joint))
        @seams[joint] = near
      end

      # Beside a drawn line, how far the second piece was laid off it.
      def off
        skill.guide == :edge ? 0.0 : skill.laid
      end

      def slide(joint)
        return 0.0 unless @method.matched?

        @frame.crossings.any? { |long, _, _| long.equal?(joint) } ? skill.met : skill.laid
      end

      # The raw edge on one side of a seam; of several, what they come to together.
      def side(list)
        return @sides.fetch(list.first.first) if list.one?

        middle = list.sum { |edge, weight| foot(@sides.fetch(edge), (edge.from + edge.to) / 2, edge.normal) * weight }
        Line.new(middle, middle + list.sum { |edge, weight| @sides.fetch(edge).way * weight })
      end

      def foot(line, point, normal)
        point + (normal * line.beyond(point, normal))
      end

      # What is sewn on is turned so that its seam lies on the other's, and moved along it.
      def unfold(joint, near, far, along)
        middle = (joint.low + joint.high) / 2
        turn = -(near.way / far.way)
        from, to = [far, near].map { |line| foot(line, middle, joint.normal) }
        move(joint.opened) { |point| to + (near.way * along) + ((point - from) * turn) }
      end

      def move(patches, &place)
        @sides.each_key { |edge| @sides[edge] = @sides[edge].move(&place) if patches.include?(edge.patch) }
        @seams.each_key { |seam| @seams[seam] = @seams[seam].move(&place) if patches.include?(seam.lead) }
        @middles.each_key { |edge| @middles[edge] = place.call(@middles[edge]) if patches.include?(edge.patch) }
      end

      # Earlier seams of both sides nest where they meet in it; elsewhere the middles between the ends are laid together.
      def along(joint, near, far)
        nested = @frame.crossings.select { |long, _, _| long.equal?(joint) }
        return ends(joint, joint.first) - ends(joint, joint.second) if nested.empty?

        nested.sum { |_, one, other| seen(near.meet(@seams.fetch(one)) - far.meet(@seams.fetch(other)), joint.along) } / nested.size
      end

      def ends(joint, side)
        places = joint.ends(side)
        matched = places.select { |edge, corner| @method.matched_at?(joint, edge.public_send(corner)) }
        matched = places if matched.empty?
        matched.sum { |edge, corner| end_of(edge, corner, joint) } / matched.size
      end

      def end_of(edge, corner, joint)
        neighbour = @frame.beside(edge)[corner == :from ? 0 : 1]
        seen(@sides.fetch(edge).meet(@sides.fetch(neighbour)) - due(edge).meet(due(neighbour)), joint.along)
      end

      def seen(move, direction)
        (move.conj * direction).real
      end
    end
  end
end
