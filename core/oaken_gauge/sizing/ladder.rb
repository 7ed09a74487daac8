# frozen_string_literal: true

module OakenGauge
  module Sizing
    # The size question turned round: at which finished sizes of a block does every unit of it fall on
    # a mark of a tool in the drawer, with every cut size on an eighth?
    class Ladder
      # Lines that cut sizes are wanted on.
      EIGHTHS = Grid.new(1/8r)

      # - block: Rational inches; - units: [Rung]; - score: 0 to 1
      Step = Struct.new(:block, :units, :score, keyword_init: true) do
        # @return [Boolean]
        def all_on_marks?
          units.all? { |rung| rung.marks.any? }
        end
      end

      # - unit: {Units::Unit} at this size; - marks: [Tools::Mark]; - on_eighths: Boolean
      Rung = Struct.new(:unit, :marks, :on_eighths, keyword_init: true)

      # @param parts [Array<Proc>] from a block's side to a unit of it
      # @param blocks [Array<Rational>] finished sides, inches
      # @param drawer [Tools::Drawer]
      # @param seam [Rational] inches
      def initialize(parts:, blocks:, drawer:, seam:)
        @parts = parts
        @blocks = blocks
        @seam = seam
        @index = MarkIndex.new(drawer, seam)
      end

      # @return [Array<Step>] best first; of equals, the smaller block
      def steps
        @blocks.map { |block| step(block) }.sort_by { |step| [-step.score, step.block] }
      end

      private

      def step(block)
        rungs = @parts.map { |part| rung(part.call(block)) }
        Step.new(block: block, units: rungs, score: score(rungs))
      end

      def rung(unit)
        sides = unit.side_lengths.map { |side| side + (2 * @seam) }
        Rung.new(unit: unit, marks: @index.marks(unit), on_eighths: sides.all? { |side| EIGHTHS.on?(side) })
      end

      # Half of it for marks, half for eighths, every unit alike.
      def score(rungs)
        rungs.sum { |rung| (rung.marks.any? ? 1 : 0) + (rung.on_eighths ? 1 : 0) } / (2r * rungs.size)
      end
    end
  end
end
