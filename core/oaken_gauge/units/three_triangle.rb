# frozen_string_literal: true

module OakenGauge
  module Units
    # One half-square and two quarter-square triangles. With the long seam level and half below it, a
    # left unit has the fabric left on the left; a right unit is its mirror image. The outlines here
    # are a left unit's, its long seam from corner to corner.
    class ThreeTriangle < Unit
      title "three-triangle unit"
      roles :half, :left, :right
      starter({ "finished" => "4", "count" => { "left" => 8, "right" => 8 } })

      # @return [Hash{Symbol => Integer}]
      attr_reader :hands

      # @param finished [Rational] inches
      # @param hands [Hash{Symbol => Integer}] :left and :right
      def initialize(finished:, hands:)
        super(finished: finished, count: hands.values.sum)
        @hands = hands
      end

      # @param node [Documents::Node]
      # @return [ThreeTriangle]
      def self.read(node)
        node.keys(required: %w[kind finished count])
        new(finished: node.length("finished", most: LARGEST), hands: read_hands(node))
      end

      # @return [Hash{Symbol => Integer}]
      def self.read_hands(node)
        counts = node.child("count")
        unless counts&.value.is_a?(Hash) && counts.keys(required: %w[left right])
          node.fault("count", "is #{node['count'].inspect}: allowed is an object with left and right")
          return { left: 1, right: 1 }
        end

        hands = { left: counts.integer("left", 0..MOST), right: counts.integer("right", 0..MOST) }
        node.fault("count", "is none at all: allowed is at least one left or right") if hands.values.sum.zero?
        hands
      end
      private_class_method :read_hands

      # @return [Array<Patch>]
      def patches
        @patches ||= begin
          far = finished
          middle = [far/2r, far/2r]
          quarter = Patches::QuarterSquare.new(far)
          [patch(:half, Patches::HalfSquare.new(far), [0, 0], [far, 0], [far, far]),
           patch(:left, quarter, [0, far], [0, 0], middle), patch(:right, quarter, [far, far], [0, far], middle)]
        end
      end

      # @return [Array] the short seam, then the long one
      def joins
        [[[1], [2]], [[0], [1, 2]]]
      end

      # @return [Hash]
      def to_document(measure)
        super.merge("count" => hands.transform_keys(&:to_s))
      end

      private

      def scaled(scale)
        self.class.new(finished: finished * scale, hands: hands)
      end
    end
  end
end
