# frozen_string_literal: true

module OakenGauge
  module Tools
    # A ruler with a grid of lines. It has no allowance built in: its numbers are what is cut.
    class StraightRuler < Tool
      # @return [Rational] inches
      attr_reader :width, :length
      # @return [Grid] the lines printed on it
      attr_reader :grid
      # @return [Rational] where between two whole inches its heavy lines stand
      attr_reader :main_lines_at

      def initialize(id:, name:, width:, length:, step: 1/8r, main_lines_at: 0r)
        super(id: id, name: name)
        @width = width
        @length = length
        @grid = Grid.new(step)
        @main_lines_at = main_lines_at
      end

      # @param node [Documents::Node]
      # @return [StraightRuler]
      def self.read(node)
        new(**common(node, required: %w[width length], optional: %w[grid main_lines_at]),
            width: node.length("width"), length: node.length("length"),
            step: node.length("grid", default: 1/8r), main_lines_at: node.length("main_lines_at", default: 0r, least: 0r))
      end

      # @param size [Rational] inches
      # @return [Boolean] whether a heavy line stands at the size
      def main_line?(size)
        ((size - main_lines_at) % 1).zero?
      end

      # @return [Rational] inches of its longer edge, the longest cut it can guide
      def reach
        [width, length].max
      end

      # @return [Rational] inches of its shorter edge: a wider piece needs more than the ruler
      def reach_across
        [width, length].min
      end

      private

      def own_document(measure)
        { "width" => write(width, measure), "length" => write(length, measure), "grid" => write(grid.step, measure),
          "main_lines_at" => write(main_lines_at, measure) }
      end
    end
  end
end
