# frozen_string_literal: true

module OakenGauge
  module Svg
    # The closed shapes of an SVG as corners in inches, downwards as paper counts, whatever they are moved and turned by.
    class Shapes
      # One of them. - points: corners, inches; - fill: a colour, "#rrggbb"
      Shape = Struct.new(:points, :fill, keyword_init: true)
      # What a shape is filled with that does not say.
      BLACK = "#000000"
      HEX = /\A#(?:(\h)(\h)(\h)|(\h{6}))\z/
      NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/i
      # What is drawn and is no outline.
      WORDS = { "text" => "text", "circle" => "a circle", "ellipse" => "an ellipse", "line" => "a line",
                "polyline" => "an open line" }.freeze
      MOST_DEEP = 40

      # @param scale [Float] inches to a unit
      # @param refuse [Proc] is told why the file cannot be used
      # @param aside [Proc] is told what is left aside
      def initialize(scale, refuse, aside)
        @scale = scale
        @refuse = refuse
        @aside = aside
      end

      # @param svg [REXML::Element]
      # @return [Array<Shape>]
      def of(svg)
        walk(svg, [@scale, 0.0, 0.0, @scale, 0.0, 0.0], 0, BLACK)
      end

      private

      def walk(element, matrix, deep, fill)
        @refuse.call("is nested too deep: allowed are #{MOST_DEEP} groups in one another") if deep > MOST_DEEP
        element.elements.flat_map do |child|
          next [] if %w[defs metadata style title desc].include?(child.name)

          own = Matrix.product(matrix, Matrix.of(child.attributes["transform"].to_s))
          filled = filled(child) || fill
          %w[g svg a].include?(child.name) ? walk(child, own, deep + 1, filled) : shape(child, own, filled)
        end
      end

      # As an attribute or in a style; a word for a colour is kept as it is.
      def filled(element)
        told = element.attributes["style"].to_s[/(?:\A|;)\s*fill\s*:\s*([^;]+)/, 1] || element.attributes["fill"] or return
        told = told.strip.downcase
        match = HEX.match(told) or return told
        match[4] ? told : "##{match.captures.first(3).map { |digit| digit * 2 }.join}"
      end

      def shape(element, matrix, fill)
        corners = without_repeats(corners_of(element) || [])
        @refuse.call("has a shape of more than #{Outline::CORNERS} corners") if corners.size > Outline::CORNERS
        corners.size < 3 ? [] : [Shape.new(points: corners.map { |x, y| Matrix.apply(matrix, x, y) }, fill: fill)]
      end

      def without_repeats(corners)
        each_once = corners.chunk_while { |one, other| one == other }.map(&:first)
        each_once.size > 1 && each_once.first == each_once.last ? each_once[0..-2] : each_once
      end

      def corners_of(element)
        case element.name
        when "polygon" then numbers(element.attributes["points"]).each_slice(2).select { |pair| pair.size == 2 }
        when "rect" then rectangle(element)
        when "path" then Path.new(element.attributes["d"].to_s, @aside).corners
        else left_aside(element.name)
        end
      end

      def left_aside(name)
        @aside.call(WORDS[name]) if WORDS.key?(name)
        nil
      end

      def rectangle(element)
        x, y, wide, high = %w[x y width height].map { |name| numbers(element.attributes[name]).first || 0.0 }
        [[x, y], [x + wide, y], [x + wide, y + high], [x, y + high]] if wide.positive? && high.positive?
      end

      def numbers(text)
        text.to_s.scan(NUMBER).map(&:to_f)
      end
    end
  end
end
