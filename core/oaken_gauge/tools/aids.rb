# frozen_string_literal: true

module OakenGauge
  module Tools
    # What the aids in a drawer change: how true a seam runs, and whether lines have to be drawn.
    class Aids
      # Aids that lead a seam better than a foot does, the best first, with the value of the profile.
      EDGE = { light: :seam_guided, seam_guide: :seam_guided, tape: :seam_guided, quarter_foot: :seam_quarter_foot }.freeze
      # Aids that take the place of a drawn line, and one that draws it truer.
      LINE = { light: :seam_guided, tape: :seam_guided, gauge: :seam_guided }.freeze
      INSTEAD = %i[light tape].freeze

      # @param tools [Array<MarkingAid>]
      # @param marking [Symbol] :aid, or :drawn_line for a maker who draws lines all the same
      def initialize(tools, marking)
        @owned = tools.flat_map(&:aids)
        @marking = marking
      end

      # @return [Symbol] the value of the profile for a seam along raw edges
      def edge_seam
        EDGE.find { |aid, _| @owned.include?(aid) }&.last || :seam_foot
      end

      # @return [Symbol] the value of the profile for a seam along a line
      def line_seam
        return :seam_line if @marking == :drawn_line

        LINE.find { |aid, _| @owned.include?(aid) }&.last || :seam_line
      end

      # @return [Boolean] whether lines have to be drawn
      def lines?
        @marking == :drawn_line || !@owned.intersect?(INSTEAD)
      end
    end
  end
end
