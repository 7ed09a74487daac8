# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes how a quilt is made on foundation sheets, a size of cell after the other.
    class PanelsWriter
      # @param panels [Array<Quilts::Panels>] one a sheet
      # @param seam [Rational] inches
      # @param measure [Symbol]
      def initialize(panels, seam, measure)
        @panels = panels
        @seam = seam
        @measure = measure
      end

      # @return [Array<Hash>] of each sheet its "cell", "sheet" by name, whether it is "assumed", and either "say", why it does not
      #   fit, or "block" in cells, "panels", "joins" and "sheets"
      def write
        @panels.map do |one|
          sheet = one.sheet
          { "cell" => length(sheet.cell), "sheet" => sheet.name, "holds" => [sheet.columns, sheet.rows], "assumed" => one.assumed?,
            **(one.misfit ? { "say" => say(one) } : made(one)) }
        end
      end

      private

      def made(one)
        { "block" => one.block, "joins" => one.joins, "sheets" => one.sheets,
          "panels" => one.panels.map { |panel| { "cells" => panel.cells, "count" => panel.count, "square_up" => square_up(one, panel) } } }
      end

      # Unfinished, width and height.
      def square_up(one, panel)
        panel.cells.map { |cells| length((cells * one.sheet.cell) + (2 * @seam)) }
      end

      def say(one)
        return "The block is no whole number of cells." if one.misfit == :block

        unit = one.misfit.unit
        size = unit.side_lengths.uniq.map { |side| length(side) }.join(" × ")
        "#{unit.class.title.sub(/\A./, &:upcase)} of #{size}: it cannot be made from whole squares and half-square triangles (HST) " \
          "of this cell size."
      end

      def length(inches)
        Length.new(inches, @measure).to_s
      end
    end
  end
end
