# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Units that are sewn before they are cut apart: squares laid on one another at the mat, sewn, cut and opened; then
    # seen in the unit's own place.
    #
    # @abstract A way gives {#sewn}: the raw sides by patch, and the seams, as they lie at the mat; and {#anchor}.
    class AtTheMat < Work
      private

      # @param role [Symbol]
      # @return [Array(Numeric, Numeric)] width and height of a square as it came out, inches
      def piece(role)
        skill.piece(@method.piece_of(role)).reverse
      end

      # @return [Array<Line>] the sides of a rectangle: left, low, right, top
      def rectangle(wide, high, low = 0.0)
        corners = [high * 1i, 0.0, wide, wide + (high * 1i)].map { |corner| low + corner }
        corners.zip(corners.rotate).map { |from, to| Line.new(from, to) }
      end

      # A rectangle laid on the middle of another, and a little off it along a line and across.
      def laid_on(under, size, along)
        rectangle(*size, middle_of(under) + off(along.way) - middle_of(rectangle(*size)))
      end

      def off(way)
        way * (skill.laid + (skill.laid * -1i))
      end

      def middle_of(sides)
        (sides[0].from + sides[2].from) / 2
      end

      # Puts lines into the unit's place: those that go from one point of the mat to another, there between two others, and
      # turned over where that is the way round.
      #
      # @param from [Array(Complex, Complex, Complex)] the ends of a line at the mat, and a point beside it, as they should be
      # @param to [Array(Complex, Complex, Complex)] the same in the unit
      def place(from, to)
        over = Plane.side(*from).positive? != Plane.side(*to).positive?
        from = from.map(&:conj) if over
        turn = way(to) / way(from)
        @placed = ->(line) { (over ? line.mirrored : line).turned((from[0] + from[1]) / 2, turn, (to[0] + to[1]) / 2) }
      end

      def way((low, high, _))
        Plane.unit(high - low)
      end

      # @param patch [Integer]
      # @param lines [Array<Line>] its raw sides
      # @return [void]
      def sides(patch, *lines)
        placed = lines.map(&@placed)
        (@frame.edges[patch] & @frame.outer).each { |edge| @sides[edge] = placed.max_by { |line| facing(line, edge) } }
      end

      def seam(joint, line)
        placed = @placed.call(line)
        @seams[@frame.joints[joint]] = facing(placed, @frame.joints[joint]).positive? ? placed : placed.back
      end

      def facing(line, edge)
        Plane.dot(line.heading, edge.along)
      end

      # Ends and a point on the left of a seam of the unit.
      def ends(joint)
        [joint.low, joint.high, joint.low + ((joint.high - joint.low) / 2) - joint.normal]
      end
    end
  end
end
