# frozen_string_literal: true

module OakenGauge
  # Several shapes in a row along a strip, slid up until their cut edges touch, and the whole row over and over. A row
  # that begins and ends upright loses nothing in between.
  #
  # @example A sky, a goose and the other sky of flying geese 2 × 4
  #   Nest.new([sky, goose.half_turn, sky.mirror]).length_of(1)   # => 5.9142…
  class Nest
    # @param shapes [Array<Polygon>] as cut and as they lie, from left to right
    def initialize(shapes)
      @shapes = shapes.map { |shape| shape.floating.settle }
      @slides = @shapes.zip(@shapes.rotate).map { |shape, following| Tiling.slide(shape, following) }
    end

    # @return [Numeric] square inches of all of them
    def area
      @shapes.sum(&:area)
    end

    # @return [Numeric] inches of strip that one row takes, before the next begins
    def pitch
      @pitch ||= @slides.sum
    end

    # @return [Numeric] inches of strip that one row takes by itself
    def width
      @width ||= starts.zip(@shapes).map { |start, shape| start + shape.width }.max
    end

    # @param count [Integer] rows
    # @return [Numeric] inches of strip
    def length_of(count)
      count.zero? ? 0 : (pitch * (count - 1)) + width
    end

    # @param length [Numeric] inches of strip
    # @return [Integer] how many rows it holds
    def fit(length)
      room = length - width + Plane::SAME
      room.negative? ? 0 : (room / pitch).floor + 1
    end

    # @param count [Integer]
    # @return [Array<Polygon>] the shapes of the first rows in their places
    def outlines(count)
      Array.new(count) { |i| @shapes.zip(starts).map { |shape, start| shape.move((i * pitch) + start, 0) } }.flatten
    end

    private

    def starts
      @starts ||= @slides[..-2].inject([0]) { |all, slide| [*all, all.last + slide] }
    end
  end
end
