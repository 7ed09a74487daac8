# frozen_string_literal: true

module OakenGauge
  module Sizing
    # The question at which sizes of a block its units fall on marks.
    class Question
      include Documents::Record

      # More sizes than anybody reads down, and more units than a block has kinds.
      MOST_BLOCKS = 400
      MOST_UNITS = 60
      # Units times sizes: what is looked up in one go.
      MOST_LOOKUPS = 2400

      # The sizes of block that are looked at.
      class Range
        include Documents::Record

        length :from, most: 200
        length :to, most: 200
        length :step, most: 200, least: Documents::Measures::FINEST, because: "nothing is cut finer"
        rule(:to, :from, :step, at: ->(*) { [[]] }, say: "gives no sizes or too many: allowed are 1 to #{MOST_BLOCKS}, " \
                                                         "from the smaller to the larger") do |to, from, step|
          (((to - from) / step).floor + 1).between?(1, MOST_BLOCKS)
        end

        # @return [Array<Rational>] inches
        def sizes
          Array.new(((to - from) / step).floor + 1) { |i| from + (i * step) }
        end
      end

      choice :oaken_gauge, [1], default: 1
      list :units, Documents::Composites::Variant.new("kind", "a unit with kind and share") { Blocks::SharedUnit.kinds },
           within: 1..MOST_UNITS
      nested :block, Range
      length :seam_allowance, as: :seam, default: Weighing::Question::SEAM, most: 2
      Kinds.drawer(self)
      rule(:units, :block, say: "asks for too much at once: allowed are #{MOST_LOOKUPS} units times sizes") do |units, block|
        units.size * block.sizes.size <= MOST_LOOKUPS
      end

      # @return [Sizing::Ladder]
      def ladder
        Sizing::Ladder.new(parts: units, blocks: block.sizes, seam: seam, drawer: tools ? Tools::Drawer.new(tools) : Tools::Drawer.starter)
      end

      # @return [Symbol] the unit of measure that is answered in
      def measure
        block.written_in
      end
    end
  end
end
