# frozen_string_literal: true

module OakenGauge
  module Weighing
    # What a maker sets store by, and how much: weights by the names of {Comparing::Figures}.
    class Priorities
      include Documents::Record

      Comparing::Figures::ALL.each { |figure| number figure.name, within: 0..100, default: figure.usual, label: figure.title }

      # @return [Hash{Symbol => Numeric}]
      def weights
        self.class.fields.to_h { |field| [field.as, public_send(field.as)] }
      end
    end
  end
end
