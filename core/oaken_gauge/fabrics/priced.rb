# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # How much of a fabric its price is for.
    module Priced
      # Inches of length that a price of yardage is for.
      YARD = 36r
      METRE = 100 * Length::MEASURES.fetch(:cm)

      # @param fabric [Fabric]
      # @param parts [Weighing::FabricParts] what is cut of it
      # @param measure [Symbol] :inch, or what else lengths are told in
      # @return [Numeric] yards or metres of length used up, or pieces of any other form
      def self.amount(fabric, parts, measure)
        return parts.taken unless fabric.bolt?

        (parts.consumed - parts.offcut) / (measure == :inch ? YARD : METRE) / fabric.usable_width
      end
    end
  end
end
