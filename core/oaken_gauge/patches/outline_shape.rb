# frozen_string_literal: true

module OakenGauge
  module Patches
    # Any simple polygon, named by its corners. Two of them are the same shape when their sides and
    # corners follow one another alike, wherever and whichever way round they are drawn.
    class OutlineShape < Shape
      # Sides and angles nearer than this are the same.
      DIGITS = 6

      # @return [Symbol]
      def self.kind
        :shape
      end

      # @return [Polygon]
      def outline
        @outline ||= Polygon.new(finished)
      end

      # The longest side lies along the strip, and keeps its grain. Of several as long, any may; of sides
      # between which the outline bulges out, none can: then it lies as it was drawn.
      # @return [Array<Polygon>]
      def lying
        @lying ||= begin
          longest = on_a_side.keys.max
          longest ? on_a_side.fetch(longest) : [outline]
        end
      end

      # @return [Boolean]
      def ==(other)
        other.is_a?(OutlineShape) && other.signature == signature
      end
      alias eql? ==

      # @return [Integer]
      def hash
        signature.hash
      end

      # Lengths of the sides and what they turn by, from whichever corner gives the least list.
      # @return [Array<Float>]
      def signature
        @signature ||= begin
          sides = outline.turns.map { |side| side.map { |number| number.round(DIGITS) } }
          sides.each_index.map { |i| sides.rotate(i) }.min.flatten
        end
      end

      private

      # Every way it can lie on a side, by the side's length.
      def on_a_side
        @on_a_side ||= outline.edges.map { |from, to| [(to - from).abs.round(DIGITS), outline.turn_level(from, to)] }
                              .select { |_, turned| turned.bounds[2] >= -Plane::SAME }
                              .group_by(&:first).transform_values { |list| list.map(&:last) }
      end
    end
  end
end
