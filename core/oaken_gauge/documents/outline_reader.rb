# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reads an outline: a list of corners, each [x, y], counter-clockwise.
    class OutlineReader
      # What is gone on with when an outline cannot be used; its fault is raised before that matters.
      STAND_IN = Polygon.rectangle(1, 1)
      MOST_CORNERS = 40
      LARGEST = 120r

      # @param node [Node] the object that holds it
      # @param key [String]
      def initialize(node, key)
        @node = node
        @key = key
      end

      # @return [Polygon]
      def polygon
        corners = @node.list(@key, 3..MOST_CORNERS).map { |corner| point(corner) }
        return STAND_IN if corners.empty? || corners.include?(nil)

        checked(Polygon.new(corners))
      end

      private

      def point(corner)
        return corner.fault(nil, "is #{corner.value.inspect[0, 40]}: allowed is a corner [x, y]") unless pair?(corner.value)

        [0, 1].map { |i| Node.new(corner.value, corner.pointer, corner.faults).length(i, least: -LARGEST, most: LARGEST) }
      end

      def pair?(value)
        value.is_a?(Array) && value.size == 2
      end

      def checked(polygon)
        fault = fault_of(polygon) or return polygon.without_straight_corners
        @node.fault(@key, fault)
        STAND_IN
      end

      def fault_of(polygon)
        if polygon.points.uniq.size < polygon.points.size
          return "repeats a corner: allowed is each corner once, without coming back to the first"
        end
        return "crosses or touches itself: allowed is a simple outline" unless polygon.simple?
        return "lies on one line: allowed is an outline with something inside" if polygon.area.zero?

        "runs clockwise: allowed is counter-clockwise" if polygon.area.negative?
      end
    end
  end
end
