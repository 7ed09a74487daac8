# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes how a tool looks, to scale, and what its numbers would mean, read one way or the other.
    class ToolPictureWriter
      # @param tool [Tools::Tool]
      def initialize(tool)
        @tool = tool
        @picture = tool.picture
      end

      # @return [Hash, nil] in inches, upward from the lower left corner; nil for a tool without a size
      def write
        return unless @picture

        { "size" => [@picture.height, @picture.width].map { |side| number(side) }, "bodies" => outlines(@picture.bodies),
          "parts" => outlines(@picture.parts), "lines" => @picture.lines.map { |line| line(line) },
          "labels" => @picture.labels.map { |label| { "at" => point(label.at), "text" => label.text } } }
      end

      # @return [Array<Array<Hash>>] a side each
      def readings
        Tools::Readings.of(@tool).map { |both| both.map { |one| reading(one) } }
      end

      private

      def reading(one)
        { "reads" => one.reads.to_s, "told" => one.told, "number" => length(one.number), "strip" => length(one.strip),
          "finished" => length(one.finished), "outline" => one.outline.corners.map { |corner| point(corner) }, "say" => say(one) }
      end

      def say(one)
        what = Tools::StripTriangleRuler::SHAPES.fetch(one.makes).title
        "The line #{length(one.number)} on a strip cut #{length(one.strip)} makes a #{what} that finishes at #{length(one.finished)}."
      end

      def outlines(list)
        list.map { |outline| outline.corners.map { |corner| point(corner) } }
      end

      def line(line)
        { "from" => point(line.from), "to" => point(line.to), "weight" => line.weight.to_s }
      end

      def point(corner)
        corner.map { |one| number(one) }
      end

      def number(one)
        one.to_f.round(4)
      end

      def length(inches)
        Length.new(inches, @tool.written_in).to_s
      end
    end
  end
end
