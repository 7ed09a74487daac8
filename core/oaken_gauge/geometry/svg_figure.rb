# frozen_string_literal: true

module OakenGauge
  # Figures of an SVG that we write: to a ten-thousandth, without zeros at the end.
  module SvgFigure
    private

    # @param inches [Numeric]
    # @return [String]
    def figure(inches)
      format("%.4f", inches.to_f).sub(/\.?0+\z/, "")
    end
  end
end
