# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes how a quilt will look, for a screen.
    class QuiltDrawingWriter
      # @param drawing [Quilts::Drawing]
      def initialize(drawing)
        @drawing = drawing
      end

      # @return [Hash]
      def write
        { "size" => point(@drawing.size), "block" => point(@drawing.block), "ground" => @drawing.ground,
          "blocks" => @drawing.blocks.map { |patches| patches.map { |patch| outlined(*patch) } },
          "places" => @drawing.places.map { |one| { "block" => one.block, "middle" => point(one.middle), "turned" => one.turned } },
          "filling" => @drawing.filling.map { |fill| outlined(*fill) }, "borders" => borders }
      end

      private

      def borders
        @drawing.borders.map { |one| { "width" => one.width.to_f, "fabric" => one.fabric, "mitred" => one.corners == :mitred } }
      end

      def outlined(fabric, corners)
        { "fabric" => fabric, "outline" => corners.map { |corner| point(corner) } }
      end

      def point(lengths)
        lengths.map { |length| length.to_f.round(4) }
      end
    end
  end
end
