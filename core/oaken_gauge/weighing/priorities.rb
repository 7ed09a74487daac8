# frozen_string_literal: true

module OakenGauge
  module Weighing
    # What a maker sets store by, and how much: weights by the names of {Comparing::Figures}.
    class Priorities
      include Documents::Record

      # What matters where nobody says; `ease` counts only where somebody does.
      { fabric: [1, "Least fabric"], time: [1, "Least time"], accuracy: [1, "Most accurate"], surplus: [1, "No extra units"],
        ease: [0, "Easiest to learn"] }.each { |name, (usual, title)| number name, within: 0..100, default: usual, label: title }

      # @return [Hash{Symbol => Numeric}]
      def weights
        self.class.fields.to_h { |field| [field.as, public_send(field.as)] }
      end
    end
  end
end
