# frozen_string_literal: true

module OakenGauge
  module Learning
    # What is measured of units: the size it should have, and how much each error moves what is read. A reading is the mean of what
    # height and width are off by, since one error may move both.
    class Measured
      # Readings of one kind. - offs: inches, in the order in which they were made; - rounding: what they would be off by with nothing
      # off, inches; - sources: {kind => [a, v]}, the sum of its coefficients, and of their squares; - always: what what is off
      # always adds, inches
      Group = Struct.new(:offs, :rounding, :sources, :always, keyword_init: true) do
        # @return [Integer]
        def count
          offs.size
        end

        # @return [Float] inches
        def mean
          offs.sum / count
        end

        # @return [Float] what of that neither rounding nor what is off always explains, inches
        def missing
          mean - rounding - always
        end

        # @return [Float, nil] square inches; nil for one
        def variance
          offs.sum { |off| (off - mean)**2 } / (count - 1) if count > 1
        end
      end

      # @param unit [Units::Unit]
      # @param technique [Symbol]
      # @return [Class, nil] a {Methods::Method}; nil where it makes none, or several techniques share them
      def self.making(unit, technique)
        Methods.making(unit).find { |one| one.id == technique.to_s && one.rebuilding }
      end

      # @param unit [Units::Unit]
      # @param technique [Symbol]
      # @param at [UnitsTest::At, nil]
      # @param maker [Makers::Maker]
      # @param drawer [Tools::Drawer, nil]
      def initialize(unit, technique, at, maker: Makers::Maker.new, drawer: nil)
        @at = at
        question = Weighing::Question.new(unit: unit, maker: maker, tools: drawer&.to_a)
        @way = Measured.making(unit, technique).new(question.task)
      end

      # @return [Boolean] whether the tools are there that its sizes depend on
      def sized?
        @way.sized?
      end

      # @return [Boolean] whether there is something to measure
      def there?
        return true unless @at

        @at.patch ? !cut.nil? : rounds.include?(@at.round)
      end

      # @return [Layout::Piece, nil] what is cut for the patch
      def cut
        @way.cuts.find { |one| one.is_a?(Layout::Piece) && one.role.to_s == @at.patch }
      end

      # @return [Array<Integer>] after which there is something to lay a ruler across: the last, and those before it that leave
      #   a rectangle
      def rounds
        last = @way.steps.map(&:round).max
        (1...last).select { |round| @way.size_after(round) } << last
      end

      # @return [Array(Numeric, Numeric)] height and width that it should have, inches
      def size
        return cut.size if @at&.patch

        on_the_way ? @way.size_after(on_the_way) : @way.unit.side_lengths.map { |side| side + (2 * @way.seam) }
      end

      # @param sizes [Array<Array(Rational, Rational)>]
      # @return [Group]
      def group(sizes)
        offs = sizes.map { |one| one.zip(size).sum { |side, wanted| (side - wanted).to_f } / 2 }
        sources, moves, rounding = moved
        Group.new(offs: offs, rounding: rounding, sources: told(sources, moves), always: off_always(sources, moves))
      end

      private

      # A round before the last.
      def on_the_way
        @at.round if @at&.round && @at.round != rounds.last
      end

      # The errors there are, how much each moves a reading, and what it is off by with none.
      def moved
        note = Construction::Draws.new(@way.task.maker.profile)
        off = off_with(note)
        nudges = Rebuilding::Nudges.new(note.sources.size)
        [note.sources, nudges.told(off_with(nudges)).map { |share| share.round(6) }, off.to_f]
      end

      def off_with(chance)
        offs = @at&.patch ? patch_with(chance) : @way.rebuilding.sides_after(on_the_way, chance)
        offs.sum / offs.size
      end

      # A patch is as high and as wide as it was cut.
      def patch_with(chance)
        Construction::Skill.new(@way, chance).piece(cut).zip(size).map { |side, wanted| side - wanted.to_f }
      end

      def told(sources, moves)
        spread = sources.each_index.select { |i| sources[i].sd.positive? && !moves[i].zero? }
        spread.group_by { |i| sources[i].kind }.transform_values { |own| [own.sum { |i| moves[i] }, own.sum { |i| moves[i]**2 }] }
      end

      def off_always(sources, moves)
        sources.each_index.sum { |i| moves[i] * sources[i].mean }
      end
    end
  end
end
