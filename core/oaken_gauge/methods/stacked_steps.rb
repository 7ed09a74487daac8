# frozen_string_literal: true

module OakenGauge
  module Methods
    # The steps of what is cut through several layers at once: pieces off strips, their diagonals, shapes along strips, and
    # blanks for a die. {Stacks} says through how many.
    module StackedSteps
      # What becomes of a piece, and the step that does it.
      FURTHER = { cut_diagonal: :cut_diagonal, cut_both_diagonals: :cut_both_diagonals, cut_kite: :cut_kite }.freeze
      # What shapes are cut from, in words.
      FROM = { folded: "folded strips", single: "strips", paired: "strips", right_side_up: "strips lying single, right side up" }.freeze
      private_constant :FROM

      # @return [Stacks] how many layers are cut through at once
      def stacks
        @stacks ||= Stacks.new(self)
      end

      private

      def piece_steps
        stacks.of_pieces.reject { |stack| stack.cuts_of.first.die }.flat_map do |stack|
          facts = { on: fabrics(stack.cuts_of) }
          next square_steps(stack, { **facts, size: stack.size.first }) if stack.size.uniq.one?

          [stacked(:subcut_rectangle, stack.pieces, stack.layers, **facts, size: stack.size)]
        end
      end

      # In slots more layers may be cut at once, if the ruler takes them.
      def square_steps(stack, facts)
        layers = task.slots.layers(facts[:size], stack.ready)
        laid = task.slots.laid(facts[:size], stack.pieces.fdiv(layers).ceil) if stack.pieces.positive?
        return [stacked(:subcut, stack.pieces, stack.layers, **facts)] unless laid

        [step(:lay_slots, laid), stacked(:subcut_slots, stack.pieces, layers, **facts)]
      end

      # In the stacks in which they were cut to their size.
      def further_steps
        FURTHER.flat_map do |done, name|
          stacks.of_cuts(cuts.select { |piece| piece.then_do == done }).map { |pieces, layers| stacked(name, pieces, layers) }
        end
      end

      def run_steps
        cuts.select(&:tiled?).flat_map do |run|
          stacks.of_run(run).map do |shapes, layers, from|
            step(:cut_triangle, shapes.fdiv(layers).ceil * run.each, on: run_words(run, from), layers: layers,
                                                                     pieces: (shapes * run.each unless from == :paired))
          end
        end
      end

      # Which fabric they are of is said where there are several; a nest holds patches of all.
      def run_words(run, from)
        roles = unit.class.roles
        whose = Saying.before_noun(run.each > 1 ? Saying.list(roles) : run.role) if roles.size > 1
        [whose, from == :paired ? "pairs" : "patches", "from the #{FROM.fetch(from)},", turning(run.role)].compact.join(" ")
      end

      # A print that may not be turned is cut all one way.
      def turning(role)
        task.fabric(role).directional? ? "all the same way up" : "rotating the #{led_by} 180° between cuts, not flipping it"
      end

      # What patches are cut along.
      def led_by
        "ruler"
      end

      def blank_steps
        return [] if cuts.none?(&:die)

        off, on = allocations.select { |cut, _| cut.die }.partition { |_, taken| taken.off_grain }.map { |list| list.map(&:first) }
        [*blanks(:cut_blank, on), *blanks(:cut_blank_off_grain, off, on: fabrics(off)), step(:cut_with_die, passes)]
      end

      def blanks(name, cuts, **facts)
        stacks.of_cuts(cuts).map { |pieces, layers| stacked(name, pieces, layers, **facts) }
      end

      def stacked(name, pieces, layers, **facts)
        step(name, pieces.fdiv(layers).ceil, pieces: pieces, layers: layers, **facts)
      end
    end
  end
end
