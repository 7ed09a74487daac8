# frozen_string_literal: true

module OakenGauge
  module Units
    # One half-square and two quarter-square triangles. With the long seam level and half below it, a
    # left unit has the fabric left on the left; a right unit is its mirror image. The outlines here
    # are a left unit's, its long seam from corner to corner.
    class ThreeTriangle < Unit
      title "three-triangle unit"
      roles :half, :left, :right
      common 7
      starter({ "finished" => "4", "count" => { "left" => 8, "right" => 8 } })

      HANDS = Documents::Composites::Mapping.new(Documents::Scalars::Whole.new(0..MOST), names: %w[left right], all: true,
                                                                                         words: { "left" => "Lefts", "right" => "Rights" })

      finishes
      on_square_cells
      field :count, HANDS, as: :hands, label: "How many"
      rule(:hands, say: "is none at all: allowed is at least one left or right") { |hands| hands.values.sum.positive? }

      # @return [Hash]
      def self.so_many(count)
        { hands: { left: (count/2r).ceil, right: count / 2 } }
      end

      # With the two small ones named the other way round it is a unit of the other hand.
      # @return [Array<Array(Hash, Boolean)>]
      def self.namings(fabrics, mirror)
        [[fabrics, mirror], [{ half: fabrics[:half], left: fabrics[:right], right: fabrics[:left] }, !mirror]]
      end

      # @return [Integer] of both hands
      def count
        hands.values.sum
      end

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
    end
  end
end
