# frozen_string_literal: true

module OakenGauge
  module Construction
    # One edge of a finished patch in its place in a unit. Corners run counter-clockwise, so the
    # outside lies to the right of the way along it.
    class Edge
      # How far apart lines and points may lie and still be one, inches.
      NEAR = 1e-6

      # @return [Integer] which patch of the unit
      attr_reader :patch
      # @return [Integer] which of its edges
      attr_reader :index
      # @return [Array(Float, Float)] corners, inches
      attr_reader :from, :to
      # @return [Float] inches
      attr_reader :length
      # @return [Array(Float, Float)] one inch along it, and one inch straight outward
      attr_reader :along, :normal

      def initialize(patch:, index:, from:, to:)
        @patch = patch
        @index = index
        @from = from
        @to = to
        @length = Math.hypot(to[0] - from[0], to[1] - from[1])
        @along = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
        @normal = [@along[1], -@along[0]]
      end

      # @return [Boolean] whether the other looks the opposite way
      def against?(other)
        (normal[0] + other.normal[0]).abs < NEAR && (normal[1] + other.normal[1]).abs < NEAR
      end

      # @return [Boolean] whether the other lies on the same line, facing it
      def faces?(other)
        against?(other) && reach(other.from).abs < NEAR
      end

      # @return [Float] inches that two edges on parallel lines have in common, seen along this one
      def overlap(other)
        low, high = [place(other.from), place(other.to)].minmax
        [[length, high].min - [0.0, low].max, 0.0].max
      end

      # @return [Float] how far along it a point lies, from its first corner
      def place(point)
        ((point[0] - from[0]) * along[0]) + ((point[1] - from[1]) * along[1])
      end

      # @return [Float] how far outside of it a point lies
      def reach(point)
        ((point[0] - from[0]) * normal[0]) + ((point[1] - from[1]) * normal[1])
      end

      # @return [Boolean] whether a point lies on it
      def holds?(point)
        reach(point).abs < NEAR && place(point).between?(-NEAR, length + NEAR)
      end
    end
  end
end
