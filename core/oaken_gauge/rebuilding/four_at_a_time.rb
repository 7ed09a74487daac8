# frozen_string_literal: true

module OakenGauge
  module Rebuilding
    # Two squares sewn all round and cut on both diagonals: the unit at the low side. Both fabrics are cut at once, so they
    # are mirror images of one another; each grows on its own along its raw bias edges.
    class FourAtATime < Patches
      def call(chance)
        @quarter = nil
        super
      end

      private

      # @return [Array<Line>]
      def cut(patch)
        edges = @frame.edges[patch]
        lines = quarter(patch)
        grown(edges, edges.map { |edge| lines.max_by { |line| Plane.dot(line.heading, edge.along) } },
              edges.map { |edge| @frame.outer.include?(edge) ? 1.0 : 0.0 })
      end

      # The low side and the two cuts, its sewn edge where it should lie.
      def quarter(patch)
        @quarter ||= at_the_mat
        sewn = @frame.edges[patch].find { |edge| !@frame.outer.include?(edge) }
        foot = sewn.middle + (sewn.normal * @seam)
        @quarter.map { |line| patch.zero? ? line.turned(0, sewn.along, foot) : line.mirrored.turned(0, -sewn.along, foot) }
      end

      # Seen from the middle of the low side.
      def at_the_mat
        low_left, low_right, high_right, high_left = corners(@method.piece_of(@method.unit.patches.first.role))
        cuts = [Line.new(low_right, high_left), Line.new(high_right, low_left)]
        [Line.new(low_left, low_right), *cuts.map { |cut| cut.inward(-skill.apart) }]
      end

      def corners(piece)
        high, wide = skill.piece(piece)
        [0.0, wide, wide + (high * 1i), high * 1i].map { |corner| corner - (piece.exact.first.to_f / 2) }
      end

      # What is cut at once cannot slide.
      def slide(_joint)
        0.0
      end
    end
  end
end
