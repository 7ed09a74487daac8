# frozen_string_literal: true

module OakenGauge
  # One shape after another along a strip, each turned half round and slid up until the cut edges touch. How far to
  # slide is found from the outlines: the greatest distance, at any height, between the right edge of one and the
  # left edge of the next. Both edges are made of straight pieces, so the greatest distance is at the height of a
  # corner.
  #
  # @example Half-square triangle patches that finish at 2, on a 2½ strip
  #   tiling = Tiling.new(Patches::HalfSquare.new(2).strip_outline(1/4r))
  #   tiling.length_of(2)   # => 3.2071…
  class Tiling
    # A shape is laid on many sheets.
    REMEMBERED = Memo.new(200)
    private_constant :REMEMBERED

    class << self
      # @return [Tiling] the same as from {new}, worked out once
      def of(outline, turning: true)
        REMEMBERED.fetch([outline, turning]) { new(outline, turning: turning) }
      end

      # @param first [Polygon]
      # @param second [Polygon]
      # @return [Numeric] how far the second must be slid so that it just touches the first, inches
      def slide(first, second)
        heights = (first.points + second.points).map(&:imag).uniq
        heights.map { |height| extent(first, height).last - extent(second, height).first }.max
      end

      private

      # Leftmost and rightmost point of the shape at one height.
      def extent(shape, height)
        shape.edges.flat_map { |from, to| crossings(from, to, height) }.minmax
      end

      def crossings(from, to, height)
        low, high = [from.imag, to.imag].minmax
        return [] unless height.between?(low - Plane::SAME, high + Plane::SAME)
        return [from.real, to.real] if high - low <= Plane::SAME

        way = to - from
        [from.real + (way.real * (height - from.imag) / way.imag.to_f)]
      end
    end

    # @return [Polygon] the shape as it stands first, touching both axes
    attr_reader :upright

    # @param outline [Polygon] the shape as cut, its long edge along the strip
    # @param turning [Boolean] false for directional fabric, where no shape may be turned
    def initialize(outline, turning: true)
      @upright = outline.floating.settle
      @turned = turning ? @upright.half_turn : @upright
      @slides = [Tiling.slide(@upright, @turned), Tiling.slide(@turned, @upright)]
      @pitch = @slides.sum
      @width = @upright.width
    end

    # @return [Numeric] inches of strip that a pair takes, and that the shape by itself does
    attr_reader :pitch, :width

    # @return [Numeric] square inches of one
    def area
      upright.area
    end

    # @param count [Integer]
    # @return [Numeric] inches of strip from the first shape's left end to the last one's right end
    def length_of(count)
      return 0 if count.zero?

      start_of(count - 1) + width
    end

    # @param length [Numeric] inches of strip
    # @return [Integer] how many shapes it holds
    def fit(length)
      room = length - width + Plane::SAME
      return 0 if room.negative?

      pairs, rest = room.divmod(pitch)
      (2 * pairs.to_i) + (rest >= @slides.first ? 2 : 1)
    end

    # @param count [Integer]
    # @return [Array<Polygon>] the first shapes in their places
    def outlines(count)
      Array.new(count) { |i| (i.even? ? upright : @turned).move(start_of(i), 0) }
    end

    private

    def start_of(index)
      (pitch * (index / 2)) + (index.odd? ? @slides.first : 0)
    end
  end
end
