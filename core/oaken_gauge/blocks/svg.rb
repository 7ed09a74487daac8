# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Writes a picture as an SVG of plain polygons at true size, as {Svg::Block} reads it.
    class Svg
      include SvgFigure

      # Corners of the quarters of a cell, from its upper left: its middle, and two of its corners.
      QUARTERS = [[[0, 0], [1, 0]], [[1, 0], [1, 1]], [[1, 1], [0, 1]], [[0, 1], [0, 0]]].freeze
      MIDDLE = [0.5, 0.5].freeze
      UNKNOWN = "#b6bcbf"
      private_constant :QUARTERS, :MIDDLE, :UNKNOWN

      # @param picture [Picture]
      # @param width [Rational] finished, inches
      # @param colours [Hash{String => String}] by the names of fabrics
      def initialize(picture, width, colours)
        @picture = picture
        @side = width / picture.columns
        @colours = colours
      end

      # @return [String]
      def to_s
        wide, high = [@picture.columns, @picture.rows].map { |cells| figure(cells * @side) }
        opening = %(<svg xmlns="http://www.w3.org/2000/svg" width="#{wide}in" height="#{high}in" viewBox="0 0 #{wide} #{high}">)
        ['<?xml version="1.0" encoding="UTF-8"?>', opening, *polygons, "</svg>", ""].join("\n")
      end

      # @return [Array<Array(String, Array<Array(Numeric, Numeric)>)>] of each patch of a cell its fabric and corners, inches downwards
      def patches
        @picture.rows.times.flat_map do |row|
          @picture.columns.times.flat_map { |column| cell(column, row) }
        end
      end

      private

      def polygons
        patches.map do |fabric, corners|
          points = corners.map { |corner| corner.map { |one| figure(one) }.join(",") }.join(" ")
          %(<polygon points="#{points}" fill="#{@colours.fetch(fabric, UNKNOWN)}"/>)
        end
      end

      # Neighbouring quarters of one fabric are one patch.
      def cell(column, row)
        fabrics = @picture.rows_of_cells[row][column]
        return [[fabrics.first, corners(column, row, [[0, 0], [1, 0], [1, 1], [0, 1]])]] if fabrics.uniq.one?

        runs(fabrics).map { |fabric, quarters| [fabric, corners(column, row, outline(quarters))] }
      end

      # Round the middle, from where two neighbours differ.
      def runs(fabrics)
        first = (0..3).find { |quarter| fabrics[quarter] != fabrics[quarter - 1] }
        (0..3).map { |step| (first + step) % 4 }.chunk_while { |one, other| fabrics[one] == fabrics[other] }
              .map { |quarters| [fabrics[quarters.first], quarters] }
      end

      # The middle is a corner where a quarter or three are of one fabric; two make a triangle without it.
      def outline(quarters)
        edge = [QUARTERS[quarters.first].first, *quarters.map { |quarter| QUARTERS[quarter].last }]
        quarters.size == 2 ? edge : [*edge, MIDDLE]
      end

      def corners(column, row, list)
        list.map { |x, y| [(column + x) * @side, (row + y) * @side] }
      end
    end
  end
end
