# frozen_string_literal: true

module OakenGauge
  module Units
    # A square with one to four of its corners replaced by triangles.
    class CutCorner < Unit
      title "cut-corner square"
      roles :body, :corners
      common 8
      starter({ "finished" => "4", "count" => 12, "corner" => "1 1/2", "corners" => 2 })

      finishes
      counted
      length :corner, most: LARGEST, label: "Finished corner", finished: true, meaning: "The leg of the triangle in the corner."
      integer :corners, within: 1..4, label: "Corners replaced", meaning: "From the lower left, counter-clockwise."
      flag :opposite, label: "Two opposite corners"
      rule(:corner, :corners, :finished, say: ->(corner, *given) { "is #{Length.new(corner)}: allowed is #{room(*given)}" }) do |*given|
        fits?(*given)
      end
      rule(:opposite, :corners, say: "is true: allowed is true with 2 corners only",
                                schema: { "if" => { "properties" => { "opposite" => { "const" => true } }, "required" => ["opposite"] },
                                          "then" => { "properties" => { "corners" => { "const" => 2 } } } }) do |opposite, corners|
        !opposite || corners == 2
      end

      on_cells { |columns, rows| columns == rows ? cornered(columns) : [] }

      class << self
        # @return [Boolean] whether a body is left between the corners
        def fits?(corner, corners, finished)
          corners == 1 ? corner < finished : 2 * corner <= finished
        end

        private

        # Every such square that is none of another kind: four corners that meet stand round a square of their own.
        def cornered(side)
          legs = (1...side).to_a
          kinds = [[1, false], [2, false], [2, true], [3, false], [4, false]].product(legs)
          fitting = kinds.select { |(corners, _), leg| fits?(leg, corners, side) && !(corners == 4 && side == 2 * leg) }
          fitting.map { |(corners, opposite), leg| { finished: side.to_r, corner: leg.to_r, corners: corners, opposite: opposite } }
        end

        def room(corners, finished)
          corners == 1 ? "less than the side, #{Length.new(finished)}" : "at most half of the side, #{Length.new(finished / 2)}"
        end
      end

      # @return [Array<Patch>] the body, then the corners from the lower left round, opposite ones one after the other
      def patches
        @patches ||= [Patch.new(role: :body, shape: Patches.recognise(body), outline: body)] + triangles
      end

      # @return [Array] each corner to the body
      def joins
        Array.new(corners) { |i| [[0], [i + 1]] }
      end

      private

      def turns
        far = finished
        [[[0, 0], [1, 0], [0, 1]], [[far, 0], [0, 1], [-1, 0]], [[far, far], [-1, 0], [0, -1]], [[0, far], [0, -1], [1, 0]]]
      end

      # Which of the four corners.
      def replaced
        opposite ? [0, 2] : [0, 2, 1, 3].select { |i| i < corners }
      end

      # The points where a corner's seam meets the two sides: along the one before it, then the next.
      def ends((x, y), along, before)
        [before, along].map { |(dx, dy)| [x + (dx * corner), y + (dy * corner)] }
      end

      def body
        @body ||= Polygon.new(turns.each_with_index.flat_map { |turn, i| replaced.include?(i) ? ends(*turn) : [turn.first] }.uniq)
      end

      def triangles
        shape = Patches::HalfSquare.new(corner)
        turns.values_at(*replaced).map { |turn| patch(:corners, shape, turn.first, *ends(*turn).reverse) }
      end
    end
  end
end
