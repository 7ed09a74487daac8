# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes a unit as it will be seen in the quilt: its finished patches. Numbers are inches.
    class UnitDrawingWriter
      # @param unit [Units::Unit]
      # @param measure [Symbol] that its sides are told in
      def initialize(unit, measure)
        @unit = unit
        @measure = measure
      end

      # @return [Hash]
      def write
        { "title" => @unit.class.plural, "sides" => @unit.side_lengths.uniq.map { |side| Length.new(side, @measure).to_s },
          "size" => [@unit.outline.height, @unit.outline.width].map(&:to_f), "patches" => @unit.patches.map { |patch| patch(patch) } }
      end

      private

      def patch(patch)
        { "role" => patch.role.to_s, "outline" => patch.outline.corners.map { |point| point.map { |number| number.to_f.round(4) } } }
      end
    end
  end
end
