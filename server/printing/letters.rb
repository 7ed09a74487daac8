# frozen_string_literal: true

require "prawn"

module Server
  module Printing
    # The letters that are printed with: Latin, Greek, Cyrillic and more, and fractions. They come with the web application's
    # packages, and a page takes along those it uses.
    module Letters
      FOLDER = File.join(ROOT, "web/node_modules/dejavu-fonts-ttf/ttf")
      FAMILY = "DejaVu Sans"
      STYLES = { normal: "DejaVuSans.ttf", bold: "DejaVuSans-Bold.ttf" }.transform_values { |file| File.join(FOLDER, file) }.freeze

      # @param pdf [Prawn::Document]
      # @return [void]
      def self.give(pdf)
        pdf.font_families.update(FAMILY => STYLES)
      end
    end
  end
end
