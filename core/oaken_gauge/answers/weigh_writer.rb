# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes the answer to a weigh document.
    class WeighWriter
      # @param task [Weighing::Task]
      # @param view [Boolean, :fence] add what a screen needs: words, steps, drawings, the beam; or of that only what it says at the fence
      # @param sample [Hash, nil] count: and seed: of units to make at random beside each budget
      def initialize(task, view: false, sample: nil)
        @task = task
        @view = view
        @sample = sample
      end

      # @param outcomes [Array<Weighing::Outcome>] in order
      # @return [Hash]
      def write(outcomes)
        answer = { "unit" => @task.unit.to_document(@task.measure), "methods" => outcomes.map { |outcome| method(outcome) } }
        @view ? answer.merge(seen) : answer
      end

      private

      def seen
        writer = ViewWriter.new(@task)
        { **writer.unit, **(@view == :fence ? { "fence" => writer.fence } : { "beam" => writer.beam }) }
      end

      def problem(problem)
        { "code" => problem.code.to_s, "say" => problem.say, "lacks" => problem.lacks&.to_s }.compact
      end

      def method(outcome)
        head = head(outcome)
        head.merge!(body(outcome)) if outcome.feasible?
        head.merge!(ViewWriter.new(@task).method(outcome)) if @view
        head
      end

      def head(outcome)
        way = outcome.way.class
        { "method" => way.id, "family" => way.family, "technique" => way.technique, "feasible" => outcome.feasible?,
          "problems" => outcome.problems.map { |problem| problem(problem) },
          "settings" => outcome.settings.map { |setting| SettingWriter.new(@task.measure).write(setting) } }
      end

      def body(outcome)
        { "cuts" => cuts(outcome.way), "makes" => makes(outcome.way.makes),
          "fabric" => outcome.fabric.to_h { |role, fabric| [role.to_s, fabric(fabric)] },
          "waste" => outcome.waste.transform_keys(&:to_s), "accuracy" => accuracy(outcome), "effort" => effort(outcome),
          "steps" => StepsWriter.new(outcome, @task.measure).write,
          "leftovers" => LeftoversWriter.new(outcome, @task.measure).write, **standing(outcome) }
      end

      # Where it ranks, and why.
      def standing(outcome)
        beaten_by = outcome.beaten_by
        { "rank" => outcome.rank, "score" => outcome.score.round(4), "why" => outcome.why,
          "beaten_by" => (beaten_by.way.class.id if beaten_by),
          "warnings" => outcome.warnings.map { |warning| { "code" => warning.code.to_s, "say" => warning.say } } }
      end

      def cuts(way)
        way.allocations.map { |cut, taken| CutWriter.new(cut, taken, @task.measure).write }
      end

      def makes(makes)
        totals = { "per_set" => makes.per_set, "sets" => makes.sets, "made" => makes.made, "surplus" => makes.surplus }
        totals["parts"] = makes.shared_out.map { |technique, sets| { "technique" => technique, "sets" => sets } } if makes.shared_out
        (makes.by_hand || {}).each { |hand, figures| totals[hand.to_s] = figures.transform_keys(&:to_s) }
        totals
      end

      def fabric(fabric)
        { "consumed" => fabric.consumed, "in_units" => fabric.in_units, "surplus" => fabric.surplus, "offcut" => fabric.offcut,
          "lost" => fabric.lost, "pieces_of_stock" => fabric.taken,
          "strips" => fabric.strips.map { |width, count| { "width" => write_length(width), "count" => count } } }
      end

      def accuracy(outcome)
        figures = AccuracyWriter.new(outcome).write
        @sample ? figures.merge("sample" => SampleWriter.new(outcome, **@sample).write) : figures
      end

      def effort(outcome)
        { "minutes" => outcome.minutes.round(2), "cuts" => outcome.total(:cuts), "passes" => outcome.total(:passes),
          "placements" => outcome.total(:placements), "visits" => outcome.timing.visits,
          "getting_ready" => (outcome.timing.getting_ready / 60.0).round(4), "difficulty" => outcome.difficulty,
          "basis" => outcome.time_basis.to_s }
      end

      def write_length(length)
        Length.new(length, @task.measure).to_s
      end
    end
  end
end
