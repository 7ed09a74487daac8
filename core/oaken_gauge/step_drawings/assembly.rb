# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Layers of fabric that hang together, from below, in Floats.
    class Assembly
      # @return [Array<Layer>] from below
      attr_reader :layers

      # @param layers [Array<Layer>]
      def initialize(layers)
        @layers = layers.map { |layer| Layer.new(layer.role, layer.outline.floating, layer.wrong) }
      end

      # @param role [Symbol]
      # @param size [Array(Numeric, Numeric)] height and width, inches
      # @param at [Complex] its lower left corner
      # @return [Assembly] a square or rectangle, right side up
      def self.piece(role, size, at = 0)
        new([Layer.new(role, Polygon.rectangle(*size.reverse).move(Complex.rect(*at.to_c.rect)), false)])
      end

      # @return [Assembly] turned over across a line
      def over(from, to)
        Assembly.new(layers.reverse.map { |layer| layer.over(from, to) })
      end

      # @return [Assembly] what lies to the left of a line
      def left_of(from, to)
        Assembly.new(layers.filter_map { |layer| layer.left_of(from, to) })
      end

      # @return [Assembly]
      def move(way)
        Assembly.new(layers.map { |layer| layer.move(way) })
      end

      # @yield [Complex] where a point comes to lie, as it turns
      # @return [Assembly]
      def turn(&block)
        Assembly.new(layers.map { |layer| layer.turn(&block) })
      end

      # @param other [Assembly]
      # @return [Assembly] the other on top
      def +(other)
        Assembly.new(layers + other.layers)
      end

      # @return [Array<Complex>]
      def points
        layers.flat_map { |layer| layer.outline.points }
      end

      # @return [Sides]
      def sides
        Sides.of(points)
      end

      # @return [Array(Complex, Complex), nil] where a line enters and leaves it; nil where it passes by
      def chord(from, to)
        met = layers.filter_map { |layer| layer.outline.chord(from, to) }.flatten
        met.minmax_by { |point| Plane.dot(point, to - from) } if met.any?
      end

      # @param window [Polygon] convex
      # @return [Array<Polygon>] what of it sticks out past a window
      def outside(window)
        layers.flat_map { |layer| Outside.new(window).of(layer.outline) }
      end

      # @param window [Polygon] convex
      # @return [Assembly] what lies in a window
      def inside(window)
        Assembly.new(layers.filter_map { |layer| layer.outline.inside(window)&.then { |part| Layer.new(layer.role, part, layer.wrong) } })
      end
    end
  end
end
