# frozen_string_literal: true

module OakenGauge
  module Construction
    # One edge of a finished patch in its place in a unit. Corners run counter-clockwise, so the
    # outside lies to the right of the way along it.
    class Edge
      # @return [Integer] which patch of the unit
      attr_reader :patch
      # @return [Integer] which of its edges
      attr_reader :index
      # @return [Complex] corners, inches
      attr_reader :from, :to
      # @return [Float] inches
      attr_reader :length
      # @return [Complex] one inch along it, and one inch straight outward
      attr_reader :along, :normal

      def initialize(patch:, index:, from:, to:)
        @patch = patch
        @index = index
        @from = from
        @to = to
        @length = (to - from).abs
        @along = (to - from) / length
        @normal = Complex.rect(@along.imag, -@along.real)
      end

      # @return [Complex] inches
      def middle
        @middle ||= (from + to) / 2
      end

      # @return [Boolean] whether the other looks the opposite way
      def against?(other)
        Plane.same?(normal, -other.normal)
      end

      # @return [Boolean] whether the other lies on the same line, facing it
      def faces?(other)
        against?(other) && reach(other.from).abs < Plane::FITTING
      end

      # @return [Float] inches that two edges on parallel lines have in common, seen along this one
      def overlap(other)
        low, high = [place(other.from), place(other.to)].minmax
        [[length, high].min - [0.0, low].max, 0.0].max
      end

      # @return [Float] how far along it a point lies, from its first corner
      def place(point)
        Plane.dot(point - from, along)
      end

      # @return [Float] how far outside of it a point lies
      def reach(point)
        Plane.dot(point - from, normal)
      end

      # @return [Boolean] whether a point lies on it
      def holds?(point)
        reach(point).abs < Plane::FITTING && place(point).between?(-Plane::FITTING, length + Plane::FITTING)
      end
    end
  end
end
