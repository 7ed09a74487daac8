# frozen_string_literal: true

module OakenGauge
  module Methods
    # The steps of cutting follow from what is cut: strips, then pieces or shapes from them, or blanks
    # and passes through the press.
    module CuttingSteps
      # By their names.
      OPERATIONS = Operations.all
      # What becomes of a piece, and the step that does it.
      FURTHER = { cut_diagonal: :cut_diagonal, cut_both_diagonals: :cut_both_diagonals, cut_kite: :cut_kite }.freeze

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
      # @param facts [Hash] size:, length: and on: of {Step}
      # @return [Step, nil] nil where it is not done at all
      def step(name, count, round: 0, **facts)
        Step.new(OPERATIONS.fetch(name), count, *facts.values_at(:size, :length, :on), round) if count.positive?
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
         *strips_by_width.flat_map { |width, count| [edge_step(edges_by_width[width].to_i), *slotted(:cut_strip, width, count)] }].compact
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

      def piece_steps
        cuts.select(&:subcut).group_by(&:subcut).flat_map do |size, same|
          times = same.sum { |cut| allocations.fetch(cut).subcuts }
          next step(:subcut_rectangle, times, on: fabrics(same), size: size) unless size.uniq.one?

          slotted(:subcut, size.first, times, on: fabrics(same))
        end
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

      def further_steps
        FURTHER.map { |done, name| step(name, cuts.sum { |piece| piece.then_do == done ? piece.count : 0 }) }
      end

      def run_steps
        cuts.select(&:tiled?).map { |run| step(:cut_triangle, run.cuts_needed, on: run_words(run)) }
      end

      # Which fabric they are of is said where there are several; a nest holds patches of all.
      def run_words(run)
        roles = unit.class.roles
        whose = Saying.before_noun(run.each > 1 ? Saying.list(roles) : run.role) if roles.size > 1
        [whose, run.layers > 1 ? "pairs" : "patches", "from the strips,", turning(run.role)].compact.join(" ")
      end

      # A print that may not be turned is cut all one way.
      def turning(role)
        task.fabric(role).directional? ? "all the same way up" : "rotating the ruler 180° between cuts, not flipping it"
      end

      def blank_steps
        return [] if cuts.none?(&:die)

        off, on = allocations.select { |cut, _| cut.die }.partition { |_, taken| taken.off_grain }
        [step(:cut_blank, on.sum { |cut, _| cut.count }), off_grain_step(off.map(&:first)), step(:cut_with_die, passes)]
      end

      def off_grain_step(blanks)
        step(:cut_blank_off_grain, blanks.sum(&:count), on: fabrics(blanks))
      end
    end
  end
end
