# frozen_string_literal: true

require "cgi"

module OakenGauge
  module Templates
    # Writes templates as one SVG at true size, each beside its check square.
    class Svg
      include SvgFigure

      GAP = 1/2r
      LINE = 3/10r
      STYLE = "fill:none;stroke:#111;stroke-width:0.01"
      FONT = 'font-family="sans-serif" font-size="0.18"'
      HEAD = '<?xml version="1.0" encoding="UTF-8"?>'
      private_constant :GAP, :LINE, :STYLE, :FONT, :HEAD

      # @param patterns [Array<Pattern>]
      def initialize(patterns)
        @patterns = patterns
      end

      # @return [String]
      def to_s
        wide = [@patterns.map(&:width).max + 3, 8].max
        high = @patterns.sum { |pattern| block(pattern) }
        top = 0
        drawn = @patterns.map { |pattern| draw(pattern, top).tap { top += block(pattern) } }
        [HEAD, opening(figure(wide), figure(high)), *drawn, "</svg>", ""].join("\n")
      end

      private

      def opening(wide, high)
        %(<svg xmlns="http://www.w3.org/2000/svg" width="#{wide}in" height="#{high}in" viewBox="0 0 #{wide} #{high}">)
      end

      # What one takes of the height, with its words.
      def block(pattern)
        tall(pattern) + ((pattern.words.size + 2) * LINE) + (2 * GAP)
      end

      def tall(pattern)
        [pattern.height, pattern.check].max
      end

      # Paper counts downwards.
      def draw(pattern, top)
        low = top + GAP + pattern.height
        place = ->(point) { "#{figure(GAP + point.real)},#{figure(low - point.imag)}" }
        [*outlines(pattern, place), check(pattern, top + GAP), *texts(pattern, top + GAP + tall(pattern))].join("\n")
      end

      def outlines(pattern, place)
        from, to = pattern.grain.map(&place)
        [polygon(pattern.cut, place, STYLE), polygon(pattern.seam, place, "#{STYLE};stroke-dasharray:0.08 0.05"),
         %(<path d="M#{from} L#{to}" style="#{STYLE};stroke-width:0.02"/>)]
      end

      def polygon(outline, place, style)
        %(<polygon points="#{outline.points.map(&place).join(' ')}" style="#{style}"/>)
      end

      def check(pattern, top)
        side = figure(pattern.check)
        %(<rect x="#{figure(pattern.width + (2 * GAP))}" y="#{figure(top)}" width="#{side}" height="#{side}" style="#{STYLE}"/>)
      end

      def texts(pattern, top)
        [pattern.title, *pattern.words, pattern.check_words].each_with_index.map do |line, i|
          %(<text x="#{figure(GAP)}" y="#{figure(top + ((i + 1) * LINE))}" #{FONT}>#{CGI.escapeHTML(line)}</text>)
        end
      end
    end
  end
end
