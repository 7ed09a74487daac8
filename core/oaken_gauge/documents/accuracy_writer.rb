# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes how true the units of a method come out. Lengths are numbers of inches: they are figures of
    # chance, not sizes that anyone cuts.
    class AccuracyWriter
      # The middle nine tenths of all units.
      MIDDLE = [0.05, 0.95].freeze

      # @param outcome [Weighing::Outcome]
      def initialize(outcome)
        @outcome = outcome
        @accuracy = outcome.accuracy
      end

      # @return [Hash]
      def write
        { "size_bias" => inches(@accuracy.size.mean), "size_sd" => inches(@accuracy.size.sd), "point_sd" => inches(@accuracy.point.sd),
          "within_sixteenth" => share(@accuracy.within), "points_within_sixteenth" => share(@accuracy.points_within),
          "too_small_to_trim" => share(@accuracy.too_small), "alignments" => @outcome.total(:alignments),
          "bias_edges" => @accuracy.bias_edges, "basis" => @accuracy.basis.to_s, **more }
      end

      private

      def more
        { "good" => share(@accuracy.good_share), "rounding" => inches(@accuracy.rounding),
          "middle_nine_tenths" => MIDDLE.map { |part| inches(@accuracy.size.at(part)) },
          "by_step" => @accuracy.parts.map { |part| by_step(part) },
          "rows" => @accuracy.drift.map { |units, (bias, sd)| { "units" => units, "bias" => inches(bias), "sd" => inches(sd) } } }
      end

      def by_step(part)
        { "step" => part.step.to_s, "say" => Methods::About.words(part.step), "size_bias" => inches(part.size_bias),
          "size_sd" => inches(part.size_sd), "point_sd" => inches(part.point_sd), "share" => part.share.round(4) }
      end

      def inches(number)
        number.round(6)
      end

      def share(number)
        number.round(6)
      end
    end
  end
end
