# frozen_string_literal: true

module OakenGauge
  module Svg
    # Reads a block out of an SVG of plain polygons: on the fewest cells on which every quarter is of one colour and every
    # shape is just so many quarters. What fits nowhere is said.
    #
    # @example
    #   Block.new(text).read["grid"]   # => [4, 4]
    class Block
      MOST = Blocks::Question::MOST
      # Fills that show nothing.
      NOTHING = %w[none transparent].freeze
      # How far a corner may lie off its place, in sides of a cell.
      OFF = 0.02
      # Near the middle of each quarter, from the middle of its cell.
      MIDDLES = [[0, -1 / 3.0], [1 / 3.0, 0], [0, 1 / 3.0], [-1 / 3.0, 0]].freeze

      # @param text [String]
      def initialize(text)
        @outline = Outline.new(text)
      end

      # @return [Hash] "grid" [columns, rows], "cells" of quarters by colour, "colours", and what was "left_aside"
      # @raise [Invalid]
      def read
        @shapes = @outline.shapes.reject { |shape| NOTHING.include?(shape.fill) }
        @outline.refuse("is all lines: allowed are shapes that are filled with their colours") if @shapes.empty?
        columns, rows, cells = fitting || @outline.refuse("lies on no grid of up to #{MOST} × #{MOST} square cells: allowed are shapes " \
                                                          "whose corners stand on corners or in middles of cells, without gaps")
        { "grid" => [columns, rows], "cells" => cells, "colours" => cells.flatten.uniq, "left_aside" => @outline.left_aside }
      end

      private

      def fitting
        (1..MOST).each do |columns|
          rows = (high / (wide / columns)).round
          next unless rows.between?(1, MOST) && ((wide / columns * rows) - high).abs < wide / columns * OFF

          cells = cells(columns, rows)
          return [columns, rows, cells] if cells
        end
        nil
      end

      def corners
        @corners ||= @shapes.flat_map(&:points)
      end

      def left
        @left ||= corners.map(&:first).min
      end

      def top
        @top ||= corners.map(&:last).min
      end

      def wide
        @wide ||= corners.map(&:first).max - left
      end

      def high
        @high ||= corners.map(&:last).max - top
      end

      # @return [Array, nil] nil where an edge runs elsewhere, or a quarter is bare
      def cells(columns, rows)
        side = wide / columns
        return unless edges.all? { |edge| along?(edge.map { |x, y| [(x - left) / side, (y - top) / side] }) }

        cells = Array.new(rows) { |row| Array.new(columns) { |column| quarters(column + 0.5, row + 0.5, side) } }
        cells if cells.flatten.all?
      end

      def edges
        @edges ||= @shapes.flat_map { |shape| shape.points.zip(shape.points.rotate) }
      end

      # Between quarters: level and upright on whole lines, or slanted through corners and middles of cells.
      def along?(((x, y), (to_x, to_y)))
        return whole?(x) if (to_x - x).abs < OFF
        return whole?(y) if (to_y - y).abs < OFF

        ((to_x - x).abs - (to_y - y).abs).abs < OFF && whole?(x + y) && whole?(x - y)
      end

      def whole?(number)
        (number - number.round).abs < OFF
      end

      def quarters(across, down, side)
        MIDDLES.map { |x, y| colour(left + ((across + x) * side), top + ((down + y) * side)) }
      end

      # What lies on top is what is seen.
      def colour(across, down)
        @shapes.reverse_each.find { |shape| Plane.within?(shape.points, across, down) }&.fill
      end
    end
  end
end
