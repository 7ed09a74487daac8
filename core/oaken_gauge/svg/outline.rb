# frozen_string_literal: true

require "rexml/document"

module OakenGauge
  module Svg
    # Reads an outline out of an SVG that some editor has drawn: the largest closed shape with straight sides. Nothing in the
    # file is run or fetched; what is not a plain shape is left aside and said, what cannot be told true is refused.
    #
    # @example
    #   Outline.new(text).read   # => { "outline" => [["0", "0"], ["4", "0"], …], "left_aside" => ["2 smaller shapes"] }
    class Outline
      include SvgFigure

      # Inches to a unit's name; without one, 96 to the inch, as the SVG standard has it.
      UNITS = { "in" => 1.0, "cm" => 1 / 2.54, "mm" => 1 / 25.4, "pt" => 1 / 72.0, "pc" => 1 / 6.0, "px" => 1 / 96.0,
                "" => 1 / 96.0 }.freeze
      LARGEST = 512 * 1024
      CORNERS = 200
      # Further out nothing of a quilt lies, inches; and finer nothing is drawn, inches to a unit.
      FARTHEST = 10_000
      FINEST = 1e-9
      SHAPES = %w[polygon rect path].freeze
      # What runs or fetches something.
      REFUSED = %w[script foreignObject image use iframe object embed].freeze

      # @param text [String]
      def initialize(text)
        @text = text
        @aside = []
      end

      # @return [Hash] "outline" in inches, counter-clockwise, and what was "left_aside", in words
      # @raise [Invalid]
      def read
        largest, *others = shapes.map(&:points).sort_by { |points| -Polygon.new(points).area.abs }
        @aside << "#{others.size} smaller shape#{'s' if others.size != 1}" if others.any?
        { "outline" => written(largest), "left_aside" => left_aside }
      end

      # @return [Array<Shapes::Shape>] every closed shape with straight sides, inches, downwards
      # @raise [Invalid]
      def shapes
        found = closed(root)
        return found if found.any?

        refuse("has no closed shape with straight sides: allowed are polygons, rectangles and paths of straight lines")
      end

      # @return [Array<String>] what is in the file and is no such shape, in words
      def left_aside
        @aside.uniq
      end

      # @param words [String] why the file cannot be used
      # @raise [Invalid]
      def refuse(words)
        raise Documents::Invalid, [Documents::Fault.new(pointer: "/svg", message: words)]
      end

      private

      def root
        refuse("is #{@text.bytesize} bytes: allowed are #{LARGEST} at most") if @text.bytesize > LARGEST
        refuse("declares a document type: allowed is plain SVG") if @text.match?(/<!(DOCTYPE|ENTITY)/i)

        parsed = REXML::Document.new(@text).root
        refuse("is no SVG: allowed is a file whose outermost element is svg") unless parsed&.name == "svg"
        parsed
      rescue REXML::ParseException, Encoding::CompatibilityError, ArgumentError
        refuse("is no SVG that can be read: allowed is well-formed XML in UTF-8")
      end

      def closed(svg)
        refuse_strange(svg)
        shapes = Shapes.new(scale(svg), ->(words) { refuse(words) }, ->(words) { @aside << words }).of(svg)
        refuse_far(shapes)
        shapes
      end

      # Numbers may be written that no computer holds.
      def refuse_far(shapes)
        return if shapes.all? { |shape| shape.points.flatten.all? { |number| number.finite? && number.abs <= FARTHEST } }

        refuse("has a corner beyond #{FARTHEST} inches: allowed are shapes that lie nearer")
      end

      # One after another, not one within another: a file may be nested as deep as it is long.
      def refuse_strange(svg)
        waiting = [svg]
        while (element = waiting.pop)
          refuse("holds #{element.name}: allowed are plain shapes") if REFUSED.include?(element.name)
          element.attributes.each_attribute { |attribute| refuse_running(attribute) }
          waiting.concat(element.children.grep(REXML::Element))
        end
      end

      def refuse_running(attribute)
        refuse("has #{attribute.name}, which would run something") if attribute.name.match?(/\Aon/i)
        return if attribute.name != "href" || attribute.value.start_with?("#")

        refuse("refers to something outside: allowed are shapes in the file itself")
      end

      # Inches to one unit of its coordinates.
      def scale(svg)
        wide = box_width(svg)
        size, unit = svg.attributes["width"].to_s.match(/\A\s*([\d.]+)\s*([a-z]*)\s*\z/)&.captures
        size = Float(size.to_s, exception: false)
        return UNITS.fetch("") unless size && wide && UNITS.key?(unit)

        scale = size * UNITS.fetch(unit) / wide
        if scale.between?(FINEST,
FARTHEST)
          scale
        else
          refuse("has a width that is nothing of its viewBox, or no number: allowed is a size in inches")
        end
      end

      def box_width(svg)
        box = svg.attributes["viewBox"].to_s.split(/[\s,]+/).map { |one| Float(one, exception: false) }
        box[2] if box.size == 4 && box.all? && box[2].positive?
      end

      # From its lower left corner, upwards, to a ten-thousandth.
      def written(points)
        outline = Polygon.new(points.map { |x, y| [x, -y] })
        outline = Polygon.new(outline.points.reverse) if outline.area.negative?
        outline.settle.corners.map { |corner| corner.map { |inches| figure(inches) } }
      end
    end
  end
end
