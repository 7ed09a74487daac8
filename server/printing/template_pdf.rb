# frozen_string_literal: true

require "prawn"

module Server
  module Printing
    # Templates as a PDF at true size: a sheet each, or several that overlap and are glued together. All places come from
    # the core, in inches; here they are put on paper, in points.
    class TemplatePdf
      POINTS = 72
      DASHES = [6, 4].freeze
      # How long the head of the arrow is, points.
      HEAD = 8

      # @param patterns [Array<OakenGauge::Templates::Pattern>]
      # @param paper [OakenGauge::Templates::Paper]
      def initialize(patterns, paper)
        @pages = patterns.flat_map { |pattern| paper.pages(pattern) }
        @paper = paper
      end

      # @return [Boolean] whether it takes no more sheets than anybody glues together
      def any?
        @pages.any?
      end

      # @return [String]
      def render
        size = [@paper.width, @paper.height].map { |side| points(side) }
        @pdf = Prawn::Document.new(page_size: size, margin: 0, skip_page_creation: true)
        Letters.give(@pdf)
        @pages.each { |page| draw(page) }
        @pdf.render
      end

      private

      def points(inches)
        inches.to_f * POINTS
      end

      def margin
        points(@paper.class::MARGIN)
      end

      # Where the template's room begins, above the words.
      def low
        margin + points(@paper.class::WORDS)
      end

      def draw(page)
        @pdf.start_new_page
        clipped { lines(page) }
        words(page)
        check(page.pattern)
      end

      # What lies on the next sheet is not drawn over the margin.
      def clipped
        across, up = @paper.room.map { |side| points(side) }
        @pdf.save_graphics_state do
          @pdf.add_content("#{margin} #{low} #{across} #{up} re W n")
          yield
        end
      end

      def lines(page)
        @pdf.line_width(0.75)
        @pdf.stroke_polygon(*placed(page, page.pattern.cut.points))
        @pdf.dash(DASHES.first, space: DASHES.last)
        @pdf.stroke_polygon(*placed(page, page.pattern.seam.points))
        @pdf.undash
        arrow(*placed(page, page.pattern.grain).map { |point| Complex(*point) })
      end

      def placed(page, points_of)
        points_of.map { |point| [margin + points(point.real - page.left), low + points(point.imag - page.low)] }
      end

      # A line with a head at its end.
      def arrow(from, to)
        back = (from - to) / (to - from).abs * HEAD
        ends = [from, to + (back * Complex.polar(1, 0.5)), to + (back * Complex.polar(1, -0.5))]
        ends.each { |one| @pdf.stroke_line(one.rect, to.rect) }
      end

      def words(page)
        @pdf.font(Letters::FAMILY, size: 8.5) do
          text(page).each_with_index { |line, i| @pdf.draw_text(line, at: [margin + points(1.3), low - 16 - (i * 13)]) }
        end
      end

      def text(page)
        pattern = page.pattern
        [pattern.title, *pattern.words, pattern.check_words, *page.words]
      end

      # The check square stands at the left, below the template.
      def check(pattern)
        side = points(pattern.check)
        @pdf.stroke_rectangle([margin, margin + side], side, side)
      end
    end
  end
end
