# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # The drawings of all steps of a method, in their order. Where several methods share the work, what they do at a step is
    # side by side.
    class All
      # @param way [Methods::Method] that can be used
      def initialize(way)
        @way = way
        @making = way.parts.map { |part| part.class.drawn_as.new(part) }
      end

      # @return [Array<Drawing>]
      def drawings
        steps = @way.work
        cutting = Cutting.new(@way)
        @left = @making.to_h { |making| [making, making.work] }.compare_by_identity
        steps.map.with_index do |step, i|
          Cutting::AT.key?(step.operation.name) ? cutting.drawing(step, steps.drop(i + 1)) : made(step)
        end
      end

      private

      def made(step)
        return @making.first.drawing(step) if @making.one? || step.operation.name == :check_one

        Beside.in_a_row(doing(step).map { |making| making.drawing(step) })
      end

      # Those of its methods that do it next, as many as its count comes from.
      def doing(step)
        able = @making.select { |making| next_of(making, step) }
        found = some_of(able).find { |some| some.sum { |making| next_of(making, step).count } == step.count } || able
        found.each { |making| next_of(making, step).then { |done| @left[making] = @left[making].reject { |other| other.equal?(done) } } }
      end

      def some_of(able)
        able.size.downto(1).flat_map { |size| able.combination(size).to_a }
      end

      # It keeps its order within a round.
      def next_of(making, step)
        @left[making].find { |other| other.round == step.round && other.like?(step) }
      end
    end
  end
end
