# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the answer to a sizes document.
    class SizesWriter
      # @param measure [Symbol]
      def initialize(measure)
        @measure = measure
      end

      # @param steps [Array<Sizing::Ladder::Step>]
      # @return [Hash]
      def write(steps)
        { "ladder" => steps.map { |step| step_document(step) } }
      end

      private

      def step_document(step)
        { "block" => length(step.block), "score" => step.score.to_f.round(4), "all_on_marks" => step.all_on_marks?,
          "units" => step.units.map { |rung| rung_document(rung) } }
      end

      def rung_document(rung)
        { **rung.unit.to_document(@measure).slice("kind", "finished"), "marks" => rung.marks.map { |mark| mark_document(mark) }.uniq,
          "cut_sizes_on_eighths" => rung.on_eighths }
      end

      def mark_document(mark)
        { "tool" => mark.tool.id, "mark" => mark.label(@measure) }
      end

      def length(inches)
        Length.new(inches, @measure).to_s
      end
    end
  end
end
