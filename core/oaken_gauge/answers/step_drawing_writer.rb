# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes how a step is drawn: inches, upward and to the right from its lower left corner.
    class StepDrawingWriter
      # What is written of one at the most: more cannot be told apart.
      MOST = 2000

      # @param outcome [Weighing::Outcome]
      # @return [Array<Hash>] of all its steps; none where it cannot be used
      def self.all(outcome)
        return [] unless outcome.feasible?

        measure = outcome.way.task.measure
        outcome.steps.zip(StepDrawings::All.new(outcome.way).drawings).map do |step, drawing|
          { "round" => step.round, "step" => step.operation.name.to_s, "say" => step.say(measure), "drawing" => new(drawing).write }
        end
      end

      # @param drawing [StepDrawings::Drawing]
      def initialize(drawing)
        @drawing = drawing
        @from = drawing.sides.lower_left
      end

      # @return [Hash]
      def write
        { "size" => @drawing.size.map { |side| number(side) }, "beds" => outlines(@drawing.beds), "tools" => outlines(@drawing.tools),
          "off" => outlines(@drawing.off), "fabric" => @drawing.fabric.first(MOST).map { |layer| layer(layer) }, **drawn_on_it }
      end

      private

      def drawn_on_it
        { "lines" => @drawing.lines.first(MOST).map { |line| { "what" => line.what.to_s, "points" => points(line.points) } },
          "labels" => @drawing.labels.map { |label| { "at" => point(label.at), "text" => label.text } } }
      end

      def layer(layer)
        { "role" => layer.role.to_s, "side" => layer.wrong ? "wrong" : "right", "outline" => points(layer.outline.points) }
      end

      def outlines(all)
        all.first(MOST).map { |outline| points(outline.points) }
      end

      def points(all)
        all.map { |one| point(one) }
      end

      def point(point)
        (point - @from).rect.map { |part| number(part) }
      end

      def number(part)
        part.to_f.round(3)
      end
    end
  end
end
