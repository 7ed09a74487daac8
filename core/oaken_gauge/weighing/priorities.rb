# frozen_string_literal: true

module OakenGauge
  module Weighing
    # What a maker sets store by, and how much: weights by the names of {Comparing::Figures}.
    class Priorities
      include Documents::Record

      # What matters where nobody says; `ease` counts only where somebody does.
      { fabric: 1, time: 1, accuracy: 1, surplus: 1, ease: 0 }.each { |name, usual| number name, within: 0..100, default: usual }

      # @return [Hash{Symbol => Numeric}]
      def weights
        self.class.fields.to_h { |field| [field.as, public_send(field.as)] }
      end
    end
  end
end
