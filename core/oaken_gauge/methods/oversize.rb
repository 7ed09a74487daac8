# frozen_string_literal: true

module OakenGauge
  module Methods
    # The school of cutting large: every piece is cut larger by the maker's margin, and every unit is
    # trimmed on four sides, by the best trimmer for it in the drawer.
    module Oversize
      # @return [Array<Stock::Piece>]
      def cuts
        @cuts ||= super.map do |cut|
          exact = cut.exact.map { |side| side + margin }
          cut.dup.tap do |larger|
            larger.exact = exact
            larger.size = exact.map { |side| task.grid.ceil(side) }
          end
        end
      end

      # @return [Array<Tools::Setting>] with the trimmer's, if there is one for the unit
      def settings
        @settings ||= super + Cutters::Trimmers.new(self).settings
      end

      # @return [Array<Step>]
      def steps
        sides = unit.side_lengths.map { |side| say(side + (2 * seam)) }.uniq.join(" × ")
        super + [Step.new(operation: Operations.fetch(:trim_to), count: 4 * makes.made, on: sides)]
      end
    end
  end
end
