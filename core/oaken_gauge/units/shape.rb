# frozen_string_literal: true

module OakenGauge
  module Units
    # A patch of any simple outline: a setting triangle, a trapezoid, a template's shape.
    class Shape < Unit
      title "shape"
      roles :patch
      measure "Finished height"
      starter({ "outline" => [%w[0 0], %w[4 0], %w[3 2], %w[1 2]], "count" => 12 })

      # More corners than any patch has.
      MOST_CORNERS = 40

      def initialize(outline:, count:)
        super(finished: nil, count: count)
        @outline = outline
      end

      # @param node [Documents::Node]
      # @return [Shape]
      def self.read(node)
        node.keys(required: %w[kind outline count])
        new(outline: Documents::OutlineReader.new(node, "outline").polygon, count: read_count(node))
      end

      # @return [Polygon]
      attr_reader :outline

      # @return [Array<Patch>]
      def patches
        @patches ||= [Patch.new(role: :patch, shape: Patches.recognise(outline), outline: outline)]
      end

      # @return [Array<Numeric>] height and width of what it fits in, inches
      def side_lengths
        [outline.height, outline.width]
      end

      # @return [Hash]
      def to_document(measure)
        corners = outline.points.map { |point| point.map { |number| Length.new(number, measure).to_s } }
        { "kind" => "shape", "outline" => corners, "count" => count }
      end

      private

      def scaled(scale)
        self.class.new(outline: Polygon.new(outline.points.map { |point| point.map { |number| number * scale } }), count: count)
      end
    end
  end
end
