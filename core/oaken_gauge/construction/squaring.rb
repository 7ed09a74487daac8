# frozen_string_literal: true

module OakenGauge
  module Construction
    # Patches that were cut large, squared up after sewing: the ruler lies along the other patches of the
    # same side, and what sticks out beyond them is cut off.
    class Squaring
      # @param patches [Array<Integer>] those that were cut large
      # @param kind [Symbol] the value of the profile for the tool
      # @param step [Symbol] the operation
      def initialize(patches:, kind:, step:)
        @patches = patches
        @kind = kind
        @step = step
      end

      # @return [Integer] sides to cut on one unit
      def cuts(frame)
        frame.outer.count { |edge| @patches.include?(edge.patch) }
      end

      # @param frame [Frame]
      # @param outside [Hash{Edge => Numeric}] the raw edges
      # @param skill [Skill]
      # @return [Array(Hash{Edge => Numeric}, Array<Numeric>)] the edges as trimmed, and what there was to trim
      def call(_frame, _seams, outside, skill)
        large, others = outside.keys.partition { |edge| @patches.include?(edge.patch) }
        squared = large.to_h { |edge| [edge, line(edge, others, outside) + skill.spread(@step, @kind)] }
        [outside.merge(squared).compare_by_identity, squared.map { |edge, at| outside[edge] - at }]
      end

      private

      # Where the rest of the side lies; where there is no other, as it should be.
      def line(edge, others, outside)
        beside = others.select { |other| same_side?(edge, other) }
        beside.empty? ? 0.0 : beside.sum { |other| outside[other] } / beside.size
      end

      def same_side?(edge, other)
        Plane.same?(edge.normal, other.normal) && edge.reach(other.from).abs < Plane::FITTING
      end
    end
  end
end
