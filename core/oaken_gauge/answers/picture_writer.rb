# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes what a block of units looks like, cell by cell.
    class PictureWriter
      # @param block [Blocks::Block]
      def initialize(block)
        @block = block
        @units = Blocks::UnitsOf.new(block)
      end

      # @return [Hash]
      # @raise [Invalid] where its units cannot be sewn, or lie on no square cells
      def write
        raise Documents::Invalid, @units.faults unless @units.faults.empty?

        picture = Blocks::Seen.new(@units, most: Blocks::Question::MOST).picture or raise Documents::Invalid, [nowhere]
        { "cells" => picture.rows_of_cells.map { |row| row.map { |quarters| cell(quarters) } }, "finished" => finished }
      end

      private

      def nowhere
        Documents::Fault.new(pointer: "/pieces", message: "lie on no square cells, or on more than #{Blocks::Question::MOST} to a side: " \
                                                          "allowed are units whose seams run along cells or from corner to corner of them")
      end

      # The plainest way to cut it.
      def cell(quarters)
        cut = Blocks::Picture::CUTS.find do |way, _|
          Blocks::Picture.quarters(way, fabrics(way, quarters)) == quarters
        end.first
        { "cut" => cut, "fabrics" => fabrics(cut, quarters) }
      end

      def fabrics(cut, quarters)
        places = Blocks::Picture::CUTS.fetch(cut)
        places.uniq.sort.map { |place| quarters[places.index(place)] }
      end

      def finished
        width, height = @units.size
        [height, width].map { |side| Length.new(side, @block.written_in).to_s }
      end
    end
  end
end
