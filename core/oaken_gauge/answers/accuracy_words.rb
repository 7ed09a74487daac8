# frozen_string_literal: true

module OakenGauge
  module Answers
    # How true units come out, in the parts of an inch that a ruler has, or in tenths of a millimetre.
    class AccuracyWords
      # @param accuracy [ErrorModel::Accuracy]
      # @param measure [Symbol]
      def initialize(accuracy, measure)
        @accuracy = accuracy
        @told = SpokenMeasures.of(measure)
      end

      # @return [Hash]
      def write
        { "size" => size, "varies" => either_way(@accuracy.size.sd), "points" => either_way(@accuracy.point.sd),
          "rows" => @accuracy.drift.map { |units, (bias, sd)| "#{units} in a row: #{off(bias)}, give or take #{@told.tell_whole(sd)}" } }
      end

      private

      def size
        rounding = @accuracy.rounding
        own = off(@accuracy.size.mean)
        return own if rounding.abs < 1 / 128.0

        off(rounding) == own ? "#{own}, all of it by rounding up" : "#{own}; rounding up alone makes it #{off(rounding)}"
      end

      def off(inches)
        told = @told.tell_whole(inches)
        return "on size" if told.start_with?("0.0 ") || inches.abs < Plane::SAME

        "#{told} #{inches.positive? ? 'large' : 'small'}"
      end

      def either_way(inches)
        "#{@told.tell_whole(inches)} either way"
      end
    end
  end
end
