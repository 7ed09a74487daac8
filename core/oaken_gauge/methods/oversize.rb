# frozen_string_literal: true

module OakenGauge
  module Methods
    # The school of cutting large: every piece is cut larger by the maker's margin, and every unit is
    # trimmed, by the best trimmer for it in the drawer.
    module Oversize
      include Trims

      # @return [Array<Layout::Piece>]
      def cuts
        @cuts ||= super.map do |cut|
          exact = cut.exact.map { |side| side + margin }
          cut.dup.tap do |larger|
            larger.exact = exact
            larger.size = exact.map { |side| task.grid.ceil(side) }
          end
        end
      end

      # @return [Rational]
      def larger
        margin
      end

      # @return [Array<Tools::Setting>] with the trimmer's, if there is one for the unit
      def settings
        @settings ||= super + trimmer.settings
      end

      # @return [Array<Step>]
      def making_steps
        super + [trim_step]
      end
    end
  end
end
