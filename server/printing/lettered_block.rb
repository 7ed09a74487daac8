# frozen_string_literal: true

module Server
  module Printing
    # The picture of a block with the letter of each unit and a mark at its top, drawn from the upper left corner of the bounds.
    class LetteredBlock
      # Room for it, points; what a letter stands on, how large it is, and how large a mark for the top.
      PICTURE = 300
      ROUND = 8
      LETTER = 10
      TOP = 5
      # The way to the top of a unit, by its quarter turns clockwise.
      TOPS = [[0, 1], [1, 0], [0, -1], [-1, 0]].freeze
      # How far a mark stays inside its side, points.
      INSIDE = 2

      # @param pdf [Prawn::Document]
      # @param patches [Array<Array(String, Array<Array(Numeric, Numeric)>)>] of each its fabric and corners, downwards
      # @param pieces [Array<Hash>] the units, in cells, see OakenGauge::Answers::BlockSheetWriter
      def initialize(pdf, patches, pieces)
        @pdf = pdf
        @patches = patches
        @pieces = pieces
        @sides = patches.flat_map(&:last).transpose.map { |side| side.max.to_f }
        @scale = PICTURE / @sides.max
      end

      # @return [Float] points
      def width
        @sides.first * @scale
      end

      # @return [Float] points
      def height
        @sides.last * @scale
      end

      # @param colours [Hash{String => String}] by fabric, six hexadecimal digits
      # @return [void]
      def draw(colours)
        @pdf.stroke_color("15222b")
        @patches.each { |fabric, corners| patch(corners, colours.fetch(fabric, "b6bcbf")) }
        cell = width / @pieces.map { |piece| piece["at"].first + piece["span"].first }.max
        @pieces.each { |piece| unit(piece, cell) }
      end

      private

      def patch(corners, colour)
        @pdf.line_width(0.6)
        filled(colour) { corners.map { |x, y| [x.to_f * @scale, @pdf.bounds.top - (y.to_f * @scale)] } }
      end

      def unit(piece, cell)
        (left, down), (wide, high) = piece.values_at("at", "span").map { |pair| pair.map { |cells| cells * cell } }
        top = @pdf.bounds.top - down
        @pdf.line_width(1.2)
        @pdf.stroke_rectangle([left, top], wide, high)
        middle = [left + (wide / 2), top - (high / 2)]
        letter(middle, "#{piece['letter']}#{'m' if piece['mirror']}")
        top_mark(middle, TOPS.fetch(piece["turn"]), wide, high) if piece["turns"]
      end

      def letter((across, up), text)
        @pdf.fill_color("ffffff")
        @pdf.fill_circle([across, up], ROUND)
        @pdf.fill_color("000000")
        @pdf.draw_text(text, at: [across - (@pdf.width_of(text, size: LETTER) / 2), up - (LETTER * 0.35)], size: LETTER)
      end

      # Just inside the side that is its top.
      def top_mark((across, up), (right, upward), wide, high)
        x = across + (right * ((wide / 2) - INSIDE))
        y = up + (upward * ((high / 2) - INSIDE))
        @pdf.line_width(0.8)
        filled("ffffff") do
          [[x, y], *[1, -1].map do |side|
            [x - (TOP * (right + (side * upward))), y - (TOP * (upward - (side * right)))]
          end]
        end
      end

      def filled(colour)
        @pdf.fill_color(colour)
        @pdf.fill_and_stroke_polygon(*yield)
        @pdf.fill_color("000000")
      end
    end
  end
end
