# frozen_string_literal: true

module OakenGauge
  module Methods
    # Patches that are cut large, sewn, and squared up along those beside them: the corners of a ring, a kite.
    module SquaredUp
      # Patches cut large are squared up when the unit is sewn.
      # @return [Construction::Squaring, nil]
      def trimming
        @trimming ||= Construction::Squaring.new(patches: large, kind: :trim_line, step: :trim_square) unless large.empty?
      end

      # A large patch sticks out where it is to be squared up; it is matched at the other end.
      # @return [Boolean]
      def matched_at?(joint, point)
        sticking = large.select { |patch| joint.side_of(patch) }
        unit.frame.outer.none? { |edge| sticking.include?(edge.patch) && edge.holds?(point) }
      end

      # @return [Array<Integer>] patches of the unit that are cut large and squared up when it is sewn
      def large
        @large ||= unit.patches.each_index.select { |i| cutter(unit.patches[i].shape).large?(unit.patches[i].role) }
      end

      private

      def squaring_steps
        trimming ? [step(:trim_square, trimming.cuts(unit.frame) * unit.count)] : []
      end
    end
  end
end
