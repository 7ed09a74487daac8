# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes one entry of a method's list of cuts.
    class CutWriter
      # @param cut [Layout::Piece, Layout::Run, Layout::Blank]
      # @param taken [Layout::Allocation]
      # @param measure [Symbol]
      def initialize(cut, taken, measure)
        @cut = cut
        @taken = taken
        @measure = measure
      end

      # @return [Hash]
      def write
        { "fabric" => @cut.role.to_s, **entry(*@cut.entry(@taken)), "then" => @cut.then_do&.to_s }.compact
      end

      private

      def entry(shape, size, exact, count)
        { "shape" => shape, "size" => size.map { |side| Length.new(side, @measure).to_s },
          "exact" => exact.map { |side| side.to_f.round(6) }, "count" => count }
      end
    end
  end
end
