# frozen_string_literal: true

module OakenGauge
  module Methods
    # The steps of cutting follow from what is cut: strips, then pieces or shapes from them, or blanks
    # and passes through the press.
    module CuttingSteps
      # @return [Array<Step>]
      def cutting_steps
        pieces, others = cuts.partition { |cut| cut.is_a?(Stock::Piece) }
        runs, blanks = others.partition { |cut| cut.is_a?(Stock::Run) }
        strip_steps + piece_steps(pieces) + run_steps(runs) + blank_steps(blanks)
      end

      # @return [Integer] passes through the press: fabrics share one, up to the smallest layer limit
      #   among them
      def passes
        blanks = cuts.grep(Stock::Blank)
        blanks.group_by(&:die).sum do |die, same|
          limit = same.map { |cut| die.max_layers.fetch(task.fabric(cut.role).cloth) }.min
          (same.sum(&:count) / limit.to_r).ceil
        end
      end

      private

      def step(name, count, **facts)
        Step.new(operation: Operations.fetch(name), count: count, **facts) if count.positive?
      end

      def strip_steps
        strips = allocations.reject { |cut, _| cut.is_a?(Stock::Blank) }
        fresh = strips.select { |cut, taken| task.fabric(cut.role).cut_to_width?(taken.strips.first&.first || 0) }
        widths = fresh.group_by { |cut, _| width_of(cut) }.transform_values { |list| list.sum { |_, taken| taken.taken } }
        [step(:straighten, strips.sum { |_, taken| taken.taken }), *widths.map { |width, count| step(:cut_strip, count, size: width) }].compact
      end

      def width_of(cut)
        allocations[cut].strips.first&.first || (cut.is_a?(Stock::Run) ? cut.ways.map { |way| way[:width] } : cut.size).min
      end

      def piece_steps(pieces)
        counted = pieces.group_by(&:size).transform_values { |same| same.sum(&:count) }
        cut = counted.map { |size, count| size.uniq.one? ? step(:subcut, count, size: size.first) : step(:subcut_rectangle, count, on: say(size)) }
        halves = pieces.select { |piece| piece.then_do == :cut_diagonal }.sum(&:count)
        quarters = pieces.select { |piece| piece.then_do == :cut_both_diagonals }.sum(&:count)
        kites = pieces.select { |piece| piece.then_do == :cut_kite }.sum(&:count)
        [*cut, step(:cut_diagonal, halves), step(:cut_both_diagonals, quarters), step(:cut_kite, kites)].compact
      end

      def run_steps(runs)
        runs.filter_map { |run| step(:cut_triangle, (run.count / run.layers.to_r).ceil, on: run.layers > 1 ? "pairs" : "patches") }
      end

      def blank_steps(blanks)
        [step(:cut_blank, blanks.sum(&:count)), step(:die_pass, passes)].compact
      end
    end
  end
end
