# frozen_string_literal: true

module OakenGauge
  module Units
    # A square with one to four of its corners replaced by triangles.
    class CutCorner < Unit
      title "cut-corner square"
      roles :body, :corners
      starter({ "finished" => "4", "count" => 12, "corner" => "1 1/2", "corners" => 2 })

      # @return [Rational] finished leg of a corner, inches
      attr_reader :corner
      # @return [Integer] how many corners are replaced
      attr_reader :corners

      def initialize(finished:, count:, corner:, corners:)
        super(finished: finished, count: count)
        @corner = corner
        @corners = corners
      end

      # @param node [Documents::Node]
      # @return [CutCorner]
      def self.read(node)
        node.keys(required: %w[kind finished count corner corners])
        unit = new(finished: node.length("finished", most: LARGEST), count: read_count(node), corner: node.length("corner"),
                   corners: node.integer("corners", 1..4))
        node.fault("corner", "is #{node['corner'].inspect}: allowed is #{unit.room}") unless unit.fits?
        unit
      end

      # @return [Boolean] whether a body is left between the corners
      def fits?
        corners == 1 ? corner < finished : 2 * corner <= finished
      end

      # @return [String] what a corner may be
      def room
        corners == 1 ? "less than the side, #{Length.new(finished)}" : "at most half of the side, #{Length.new(finished / 2)}"
      end

      # @return [Array<Patch>] the body, then the corners from the lower left round
      def patches
        @patches ||= [Patch.new(role: :body, shape: Patches.recognise(body), outline: body)] + triangles
      end

      # @return [Array] each corner to the body
      def joins
        Array.new(corners) { |i| [[0], [i + 1]] }
      end

      # @return [Hash]
      def to_document(measure)
        super.merge("corner" => Length.new(corner, measure).to_s, "corners" => corners)
      end

      private

      def scaled(scale)
        super(scale, corner: corner * scale, corners: corners)
      end

      def turns
        far = finished
        [[[0, 0], [1, 0], [0, 1]], [[far, 0], [0, 1], [-1, 0]], [[far, far], [-1, 0], [0, -1]], [[0, far], [0, -1], [1, 0]]]
      end

      # The points where a corner's seam meets the two sides: along the one before it, then the next.
      def ends((x, y), along, before)
        [before, along].map { |(dx, dy)| [x + (dx * corner), y + (dy * corner)] }
      end

      def body
        @body ||= Polygon.new(turns.each_with_index.flat_map { |turn, i| i < corners ? ends(*turn) : [turn.first] }.uniq)
      end

      def triangles
        shape = Patches::HalfSquare.new(corner)
        turns.first(corners).map { |turn| patch(:corners, shape, turn.first, *ends(*turn).reverse) }
      end
    end
  end
end
