# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes each fabric of a quilt as one line: how much is needed, what is on the shelf, what is to be bought and what that costs.
    class QuiltFabricsWriter
      # @param buying [Quilts::Buying]
      # @param measure [Symbol]
      def initialize(buying, measure)
        @buying = buying
        @measure = measure
      end

      # @return [Array<Hash>] by name
      def write
        @buying.all.map { |bought| line(bought) }
      end

      private

      def line(bought)
        own = @buying.fabrics[bought.fabric]
        { "fabric" => bought.fabric, "needed" => needed(bought, own), "shelf" => own&.holds && told(own, own.holds),
          "buy" => (shop(bought.length) if bought.length.positive?), "cost" => cost(bought, own) }
      end

      # Of fabric in pieces what it takes of these.
      def needed(bought, own)
        own ? told(own, @buying.takes.fetch(bought.fabric)) : length(bought.length)
      end

      def told(fabric, amount)
        fabric.bolt? ? length(amount) : fabric.amount_words(amount, @measure)
      end

      def length(inches)
        words = QuiltWriter.written(@measure == :inch ? Grid.new(1/8r).ceil(inches) : inches, @measure)
        @measure == :inch ? "#{words} in" : words
      end

      # By the eighth of a yard, or by ten centimetres.
      def shop(inches)
        sold = QuiltWriter::BOLT.fetch(@measure).ceil(inches)
        @measure == :inch ? "#{Length.new(sold / QuiltWriter::YARD)} yd" : QuiltWriter.written(sold, @measure)
      end

      # A price is that of a yard, or of a metre.
      def cost(bought, own)
        return unless own&.price && own.bolt? && bought.length.positive?

        lengths = QuiltWriter::BOLT.fetch(@measure).ceil(bought.length) / (@measure == :inch ? Fabrics::Priced::YARD : Fabrics::Priced::METRE)
        "#{format('%.2f', own.price * lengths)} #{own.currency}".strip
      end
    end
  end
end
