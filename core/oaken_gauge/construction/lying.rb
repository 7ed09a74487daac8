# frozen_string_literal: true

module OakenGauge
  module Construction
    # Where patches lie as they are sewn: how far each has moved, and turned, from where it should be. What is told of a
    # line is how far outward it lies in its middle, and how much farther for every inch along it: how it leans.
    #
    # - mid: inches, in the middle; - lean: inches for an inch
    class Lying
      # @param held [Array<CutPatch>] each as it was cut, its first edge the one that is first in the unit
      def initialize(held)
        @held = held
        @shifts = held.map { [0.0, 0.0] }
        @spins = held.map { 0.0 }
      end

      # @param patches [Array<Integer>]
      # @param about [Complex] what they turn about
      # @param shift [Array(Numeric, Numeric)] x and y, inches
      # @param turn [Numeric] radians, counter-clockwise
      # @return [void]
      def move(patches, about, shift, turn)
        patches.each do |patch|
          x, y = @shifts[patch]
          @shifts[patch] = [x + shift[0] + (turn * about.imag), y + shift[1] - (turn * about.real)]
          @spins[patch] += turn
        end
      end

      # @return [Numeric] how far a place of a patch has moved in a direction, inches
      def moved(patch, place, direction)
        shift = Lines.along(@shifts[patch], direction)
        # Most patches never turn.
        @spins[patch].equal?(0.0) ? shift : shift + (@spins[patch] * Plane.cross(place, direction))
      end

      # @return [Numeric] radians
      def spin(patch)
        @spins[patch]
      end

      # @return [Numeric] how far outward an edge lies in its middle, inches
      def off(edge)
        @held[edge.patch].pushes[edge.index] + moved(edge.patch, edge.middle, edge.normal)
      end

      # @return [Numeric]
      def lean(edge)
        (@held[edge.patch].slopes&.at(edge.index) || 0.0) - @spins[edge.patch]
      end

      # @param far [Integer] 0 for the end that the edge comes from, 1 for the other
      # @return [Numeric] how far outward of an edge the corner at its end lies, inches
      def corner(edge, far)
        held = @held[edge.patch]
        held.beyond((edge.index + far) % held.along.size, edge.index) + moved(edge.patch, far.zero? ? edge.from : edge.to, edge.normal)
      end

      # @return [Numeric] the same of how far along the edge it lies
      def end_of(edge, far, neighbour)
        held = @held[edge.patch]
        pushes = held.pushes.values_at(edge.index, neighbour.index)
        Lines.slide(edge, neighbour, pushes) + (held.ends ? held.ends[edge.index][far] : 0) +
          moved(edge.patch, far.zero? ? edge.from : edge.to, edge.along)
      end

      # What is laid on the middle of another and cut along its line is cut off its own, the farther from the middle.
      # @return [Numeric] inches
      def askew(edge, lean)
        (lean - lean(edge)) * (@held[edge.patch].away&.at(edge.index) || 0.0)
      end
    end
  end
end
