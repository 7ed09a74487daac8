# frozen_string_literal: true

module OakenGauge
  module Documents
    # An outline: a list of corners, each [x, y], counter-clockwise. A corner between two others on one line is
    # left out.
    class OutlineType < Type
      # More corners than any patch has.
      MOST_CORNERS = 40
      LARGEST = 120r
      CORNERS = Composites::List.new(Measures::Pair.new(names: %w[x y], least: -LARGEST, most: LARGEST), 3..MOST_CORNERS)
      private_constant :CORNERS

      # @return [Polygon, nil]
      def read(node)
        corners = CORNERS.read(node) or return
        polygon = Polygon.new(corners)
        fault = fault_of(polygon) or return polygon.without_straight_corners
        node.fault(fault)
      end

      # @return [Array<Array(String, String)>]
      def write(polygon, measure)
        polygon.corners.map { |corner| corner.map { |number| Length.new(number, measure).to_s } }
      end

      # @return [Polygon]
      def scale(polygon, factor)
        polygon.scale(factor)
      end

      # @return [Hash]
      def schema
        CORNERS.schema.merge("x-rule" => { "of" => "Documents::OutlineType", "say" => "a simple outline, counter-clockwise" })
      end

      # @return [Hash]
      def form
        { "type" => "outline", "least" => 3, "most" => MOST_CORNERS }
      end

      private

      def fault_of(polygon)
        return "repeats a corner: allowed is each corner once, without coming back to the first" if polygon.repeats_a_corner?
        return "crosses or touches itself: allowed is a simple outline" unless polygon.simple?
        return "lies on one line: allowed is an outline with something inside" if polygon.area.zero?

        "runs clockwise: allowed is counter-clockwise" if polygon.area.negative?
      end
    end
  end
end
