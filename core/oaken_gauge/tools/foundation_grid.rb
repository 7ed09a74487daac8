# frozen_string_literal: true

module OakenGauge
  module Tools
    # A light fusible sheet, printed with cells of one finished size. Each cell is printed a little
    # larger than the cut square, so that the fold has room.
    class FoundationGrid < Tool
      # @return [Rational] finished side of a cell, inches
      attr_reader :cell
      # @return [Integer] cells across and down
      attr_reader :columns, :rows
      # @return [Rational] what a cell is printed larger by, inches
      attr_reader :ease
      # @return [Rational]
      attr_reader :made_for_seam

      def initialize(id:, name:, cell:, columns:, rows:, ease: 0r, made_for_seam: USUAL_SEAM)
        super(id: id, name: name)
        @cell = cell
        @columns = columns
        @rows = rows
        @ease = ease
        @made_for_seam = made_for_seam
      end

      # @param node [Documents::Node]
      # @return [FoundationGrid]
      def self.read(node)
        new(**common(node, required: %w[cell columns rows], optional: %w[ease made_for_seam]),
            cell: node.length("cell"), columns: node.integer("columns", 1..200), rows: node.integer("rows", 1..200),
            ease: node.length("ease", default: 0r, least: 0r), made_for_seam: node.length("made_for_seam", default: USUAL_SEAM))
      end

      # @param unit [Units::Unit]
      # @return [Integer] whole units on one panel
      def units_held(unit)
        high, wide = unit.side_lengths.map { |side| (side / cell).ceil }
        [(columns / wide) * (rows / high), (columns / high) * (rows / wide)].max
      end

      # @param unit [Units::Unit]
      # @return [Boolean]
      def holds?(unit)
        units_held(unit).positive?
      end

      private

      def own_document(measure)
        { "cell" => write(cell, measure), "columns" => columns, "rows" => rows, "ease" => write(ease, measure), **seam_document(measure) }
      end
    end
  end
end
