# frozen_string_literal: true

module OakenGauge
  module Answers
    # What a choice comes to, as it is read on a screen.
    class ChoiceFigures
      # @param measure [Symbol]
      def initialize(measure)
        @told = SpokenMeasures.of(measure)
        @cost = Choosing::Cost.new(measure)
      end

      # @param totals [Choosing::Totals]
      # @return [Hash{String => String}] by title
      def write(totals)
        { "Fabric used" => area(totals.net), "Time" => Saying.many(totals.minutes.round, "minute"),
          "Come out good" => "#{(totals.good * 100).round} in 100", "Extra units" => area(totals.surplus),
          "Tools" => Saying.many(totals.tools.size, "tool"), "Ruler set" => Saying.many(totals.settings.size, "time"),
          "Techniques" => totals.techniques.size.to_s, **paid(@cost.of(totals.options)) }
      end

      private

      def area(inches)
        "#{(inches * @told.square).round} #{@told.area}"
      end

      def paid(cost)
        return {} if cost.empty?

        { "Fabric costs" => cost.map do |currency, sum|
          [format("%.2f", sum), (currency unless currency == Choosing::Cost::UNNAMED)].compact.join(" ")
        end.join(" + ") }
      end
    end
  end
end
