# frozen_string_literal: true

module OakenGauge
  module Construction
    # Lines that have been pushed along their normals, and where they meet. Whatever they are pushed by
    # may be a number, or a whole row of numbers worked out at once.
    module Lines
      class << self
        # How far a move goes in a direction. Most directions lie along an axis: nothing is worked out for
        # the other.
        #
        # @param move [Array(Numeric, Numeric)] inches
        # @param direction [Complex]
        # @return [Numeric] inches
        def along(move, direction)
          x = direction.real
          y = direction.imag
          return move[0] * x if y.zero?
          return move[1] * y if x.zero?

          (move[0] * x) + (move[1] * y)
        end

        # A move so far in one direction and so far in another.
        #
        # @param one [Complex]
        # @param far [Numeric] inches
        # @return [Array(Numeric, Numeric)] x and y
        def move(one, far, other, its_far)
          [(far * one.real) + (its_far * other.real), (far * one.imag) + (its_far * other.imag)]
        end

        # How far a corner of a unit's outside moves with the sides that meet there.
        #
        # @param corner [Frame::Corner]
        # @param outside [Hash{Edge => Numeric}] inches outward, in the middle
        # @param leaning [Hash{Edge => Numeric}] for every inch along it
        # @param seam [Numeric] how far outside of the corner the raw sides meet, inches from either
        # @return [Array(Numeric, Numeric)]
        def corner(corner, outside, leaning, seam = 0)
          one, other = corner.pair
          at = corner.point + Complex(*Plane.meeting(one.normal, seam, other.normal, seam))
          reaches = [one, other].map { |edge| outside[edge] + (leaning[edge] * Plane.dot(at - edge.middle, edge.along)) }
          Plane.meeting(one.normal, reaches.first, other.normal, reaches.last)
        end

        # How far the end of an edge moves along it, when the edge and its neighbour are pushed outward.
        #
        # @param edge [Edge]
        # @param neighbour [Edge]
        # @param pushes [Array(Numeric, Numeric)] of the edge and of the neighbour, inches
        # @return [Numeric] inches in the direction of the edge
        def slide(edge, neighbour, pushes)
          (pushes[1] - (pushes[0] * Plane.dot(edge.normal, neighbour.normal))) / Plane.dot(edge.along, neighbour.normal)
        end

        # Where along a seam another line meets it.
        #
        # @param joint [Joint] the seam, lying off by `at` along its normal
        # @param other [Joint] the line, lying off by `off` along its own
        # @return [Numeric] inches
        def place(joint, at, other, off)
          (off - (at * Plane.dot(joint.normal, other.normal))) / Plane.dot(joint.along, other.normal)
        end
      end
    end
  end
end
