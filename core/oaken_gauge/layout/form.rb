# frozen_string_literal: true

module OakenGauge
  module Layout
    # One way for a cut to lie in rows: how wide a row is, how many stand in a length of it and how far so many
    # reach, and how they are drawn. A square is the plainest tiling there is.
    #
    # - width: Rational inches across a row
    # - area: square inches of one, at the least; - square: whether it is a square, of which no layout holds more than
    #   plain rows do
    # - per: Proc, from a length to how many stand in it
    # - reach: Proc, from a count to the inches it takes
    # - outlines, marks: Procs, from a count to [Polygon]s and to lines across them, as they lie in the row
    Form = Struct.new(:width, :area, :square, :per, :reach, :outlines, :marks, keyword_init: true) do
      # @param across [Rational] inches
      # @param along [Rational]
      # @param lines [Array] across one piece, in parts of its sides
      # @return [Form]
      def self.of_piece(across, along, lines)
        side_by_side = ->(count, &each) { Array.new(count, &each) }
        new(width: across, area: across * along, square: across == along,
            per: ->(length) { (length / along).floor }, reach: ->(count) { count * along },
            outlines: ->(count) { side_by_side.call(count) { |i| Polygon.rectangle(along, across).move(i * along, 0) } },
            marks: ->(count) { side_by_side.call(count) { |i| drawn(lines, i, along, across) }.flatten(1) })
      end

      # Folded, so many are cut at once, and the pieces lie one behind the other again on the open sheet.
      #
      # @param width [Rational] inches
      # @param tiling [Tiling]
      # @param layers [Integer]
      # @return [Form]
      def self.of_run(width, tiling, layers = 1)
        part = ->(count) { count.fdiv(layers).ceil }
        new(width: width, area: tiling.area, square: false,
            per: ->(length) { layers * tiling.fit(length / layers.to_r) },
            reach: ->(count) { layers * tiling.length_of(part.call(count)) },
            outlines: ->(count) { unfolded(tiling, part.call(count), count) }, marks: ->(_) { [] })
      end

      def self.unfolded(tiling, each, count)
        length = tiling.length_of(each)
        (0...count).step(each).flat_map do |first|
          tiling.outlines([each, count - first].min).map { |outline| outline.move((first / each) * length, 0) }
        end
      end

      def self.drawn(lines, place, along, across)
        lines.map { |line| line.map { |x, y| [(place + x) * along, y * across] } }
      end
      private_class_method :drawn, :unfolded
    end
  end
end
