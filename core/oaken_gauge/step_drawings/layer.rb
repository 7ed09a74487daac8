# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # One layer of fabric as it lies. - role: Symbol, which fabric; - outline: {Polygon}; - wrong: whether its wrong side shows
    Layer = Struct.new(:role, :outline, :wrong) do
      # @param way [Complex]
      # @return [Layer]
      def move(way)
        Layer.new(role, outline.move(way), wrong)
      end

      # @yield [Complex] where a point comes to lie, as the layer turns
      # @return [Layer]
      def turn(&)
        Layer.new(role, Polygon.new(outline.points.map(&)), wrong)
      end

      # @return [Layer] turned over across a line, so that its other side shows
      def over(from, to)
        Layer.new(role, outline.over(from, to), !wrong)
      end

      # @return [Layer, nil] what lies to the left of a line
      def left_of(from, to)
        part = outline.left_of(from, to)
        part && Layer.new(role, part, wrong)
      end
    end
  end
end
