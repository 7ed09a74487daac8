# frozen_string_literal: true

module OakenGauge
  module Tools
    # What a number on a ruler for strips would mean, read as a finished size and read as a strip width: the strip that
    # it wants and what its patch finishes at, so that a maker can lay her own ruler beside both and see which it is.
    #
    # @example
    #   Readings.of(ruler).first.map { |one| [one.reads, one.strip] }   # => [[:finished, 3], [:strip, (5/2)]]
    class Readings
      # - reads: Symbol; - told: Boolean, whether it is what the tool's document says; - number: as printed, inches;
      # - strip: the strip it wants, inches; - finished: what its patch finishes at, inches;
      # - outline: {Polygon} of the patch as cut, on the strip; - makes: Symbol, kind of patch
      Reading = Struct.new(:reads, :told, :number, :strip, :finished, :outline, :makes, keyword_init: true)

      # @param tool [Tool]
      # @return [Array<Array<Reading>>] for each side of it both readings; none for a tool that has only one
      def self.of(tool)
        tool.is_a?(StripTriangleRuler) ? tool.sides.map { |side| new(tool, side).both } : []
      end

      def initialize(ruler, side)
        @ruler = ruler
        @side = side
      end

      # @return [Array<Reading>] of the middle one of its numbers
      def both
        number = @side.marks.to_a[@side.marks.size / 2]
        %i[finished strip].filter_map { |reads| reading(number, reads) }
      end

      private

      def reading(number, reads)
        mark = @ruler.with(sides: [@side.with(reads: reads, marks: Scale.new([number]))]).marks.first
        return unless mark.finished.positive?

        seam = @ruler.made_for_seam
        Reading.new(reads: reads, told: reads == @side.reads, number: number, strip: mark.shape.strip_width(seam),
                    finished: mark.finished, outline: mark.shape.strip_outline(seam), makes: @side.makes)
      end
    end
  end
end
