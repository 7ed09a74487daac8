# frozen_string_literal: true

module OakenGauge
  module Methods
    # The steps of cutting follow from what is cut: strips, then pieces or shapes from them, or blanks
    # and passes through the press.
    module CuttingSteps
      include StackedSteps

      # By their names.
      OPERATIONS = Operations.all

      # @return [Array<Step>]
      def cutting_steps
        [*starch_steps, *strip_steps, *piece_steps, *further_steps, *run_steps, *blank_steps].compact
      end

      # @return [Integer] passes through the press: fabrics share one, up to the smallest layer limit
      #   among them
      def passes
        cuts.select(&:die).group_by(&:die).sum do |die, same|
          limit = same.map { |cut| die.max_layers.fetch(task.fabric(cut.role).cloth) }.min
          same.sum(&:count).fdiv(limit).ceil
        end
      end

      # What is cut is cut in round 0; {Batching} tells the rounds of what is sewn.
      # @param name [Symbol] of an operation
      # @param facts [Hash] size:, length:, on:, pieces: and layers: of {Step}
      # @return [Step, nil] nil where it is not done at all
      def step(name, count, round: 0, **facts)
        return unless count.positive?

        Step.new(OPERATIONS.fetch(name), count, *facts.values_at(:size, :length, :on), round,
*facts.values_at(:pieces, :layers))
      end

      private

      # What is starched is starched before it is cut.
      def starch_steps
        roles = unit.class.roles.select { |role| task.maker.starched || task.fabric(role).starched? }
        roles.empty? ? [] : [step(:starch, roles.size, on: Saying.before_noun(Saying.list(roles)))]
      end

      # An edge is squared up for the strips that come off it; where there are none, for the pieces.
      def strip_steps
        [edge_step(edges_by_width[nil].to_i),
         *strips_by_width.flat_map { |width, count| [edge_step(edges_by_width[width].to_i), *strips_of(width, count)] }].compact
      end

      # Equal ones of several precuts are cut at once.
      def strips_of(width, count)
        stacked, cuts, layers = stacks.of_strips.fetch(width, [0, 0, 1])
        return slotted(:cut_strip, width, count) if layers == 1

        [step(:cut_strip, cuts + count - stacked, size: width, pieces: count, layers: layers)]
      end

      def edge_step(count)
        step(:cut_edge, count)
      end

      def strips_by_width
        @strips_by_width ||= strips.each_with_object(Hash.new(0)) do |(cut, _), counted|
          cut.each { |width, count| counted[width] += count }
        end
      end

      # With the first strips that are cut of what was taken.
      def edges_by_width
        @edges_by_width ||= strips.each_with_object(Hash.new(0)) { |(cut, edges), counted| counted[cut.first&.first] += edges }
      end

      # Of each cut, the strips that are cut for it, and the edges that are squared up.
      def strips
        @strips ||= allocations.values.map { |taken| [taken.cut_strips.reject { |_, count| count.zero? }.to_a, taken.squared] }
      end

      # Cut in the slots of a ruler that is laid down once for several, where that saves something.
      def slotted(name, size, count, **facts)
        laid = task.slots.laid(size, count)
        return [step(name, count, size: size, **facts)] unless laid

        [step(:lay_slots, laid), step(:"#{name}_slots", count, size: size, **facts)]
      end

      # Which fabric is cut to which number is always said.
      def fabrics(cuts)
        Saying.list(cuts.map(&:role).uniq)
      end
    end
  end
end
