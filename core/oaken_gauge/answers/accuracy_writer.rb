# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes how true the units of a method come out. Lengths are numbers of inches: they are figures of
    # chance, not sizes that anyone cuts.
    class AccuracyWriter
      # @param outcome [Weighing::Outcome]
      def initialize(outcome)
        @outcome = outcome
        @accuracy = outcome.accuracy
      end

      # @return [Hash]
      def write
        { "size_bias" => rounded(@accuracy.size.mean), "size_sd" => rounded(@accuracy.size.sd), "point_sd" => rounded(@accuracy.point.sd),
          "within_sixteenth" => rounded(@accuracy.within), "points_within_sixteenth" => rounded(@accuracy.points_within),
          "too_small_to_trim" => rounded(@accuracy.too_small), "alignments" => @outcome.total(:alignments),
          "bias_edges" => @accuracy.bias_edges, "basis" => @accuracy.basis.to_s, **more }
      end

      private

      def more
        { "good" => rounded(@accuracy.good_share), "rounding" => rounded(@accuracy.rounding),
          "middle_nine_tenths" => @accuracy.size.middle.map { |inches| rounded(inches) },
          "by_step" => @accuracy.parts.map { |part| by_step(part) },
          "rows" => @accuracy.drift.map { |units, (bias, sd)| { "units" => units, "bias" => rounded(bias), "sd" => rounded(sd) } } }
      end

      def by_step(part)
        { "step" => part.step.to_s, "say" => Methods::Operations.called(part.step), "size_bias" => rounded(part.size_bias),
          "size_sd" => rounded(part.size_sd), "point_sd" => rounded(part.point_sd), "share" => part.share.round(4) }
      end

      # To a millionth, of an inch or of the whole.
      def rounded(number)
        number.round(6)
      end
    end
  end
end
