# frozen_string_literal: true

module OakenGauge
  module Answers
    # Names what is left over, so that it can be offered to the next project: whole units, by hand
    # where they have one, and patches, by fabric.
    class LeftoversWriter
      # @param outcome [Weighing::Outcome]
      # @param measure [Symbol]
      def initialize(outcome, measure)
        @way = outcome.way
        @spares = outcome.spares
        @measure = measure
      end

      # @return [Array<Hash>]
      def write
        units + @spares.map { |spare| patch(spare) }
      end

      private

      def units
        hands = @way.makes.by_hand
        return [unit(@way.makes.surplus)].compact unless hands

        hands.filter_map { |hand, figures| unit(figures[:surplus], "hand" => hand.to_s) }
      end

      def unit(count, more = {})
        { "what" => "unit", **@way.unit.to_document(@measure), "count" => count, **more } if count.positive?
      end

      def patch(spare)
        { "what" => "patch", "kind" => spare.shape.kind.to_s, "finished" => finished(spare.shape.finished),
          "fabric" => spare.role.to_s, "count" => spare.count }
      end

      def finished(size)
        return size.map { |part| finished(part) } if size.is_a?(Array)
        return size.rect.map { |part| finished(part) } if size.is_a?(Complex)

        Length.saying(size, @measure)
      end
    end
  end
end
