# frozen_string_literal: true

module OakenGauge
  module Choosing
    # What the fabric of a choice costs: of yardage its length by the price of a yard or a metre, of all else its pieces.
    class Cost
      # Where a price says no currency.
      UNNAMED = "none"

      # @param measure [Symbol]
      def initialize(measure)
        @measure = measure
      end

      # @param options [Array<Option>]
      # @return [Hash{String => Float}] by currency; fabric without a price counts nothing
      def of(options)
        options.each_with_object(Hash.new(0.0)) { |option, cost| add(option, cost) }
      end

      private

      def add(option, cost)
        task = option.outcome.way.task
        option.outcome.fabric.each do |role, parts|
          fabric = task.fabric(role)
          cost[fabric.currency || UNNAMED] += fabric.price * Fabrics::Priced.amount(fabric, parts, @measure) if fabric.price
        end
      end
    end
  end
end
