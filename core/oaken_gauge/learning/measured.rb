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

      class << self
        # @param unit [Units::Unit]
        # @param technique [Symbol]
        # @return [Class, nil] a {Methods::Method}
        def making(unit, technique)
          Methods.making(unit).find { |one| one.id == technique.to_s }
        end

        # @param at [UnitsTest::At]
        # @return [Boolean] whether that can be measured
        def at?(unit, technique, at)
          measured = new(unit, technique, at)
          at.patch ? !measured.cut.nil? : at.round == measured.last_round
        end
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

      # @return [Layout::Piece, nil] what is cut for the patch
      def cut
        @way.cuts.find { |one| one.is_a?(Layout::Piece) && one.role.to_s == @at.patch }
      end

      # @return [Integer]
      def last_round
        @way.steps.map(&:round).max
      end

      # @return [Array(Numeric, Numeric)] height and width that it should have, inches
      def size
        return cut.size if @at&.patch

        @way.unit.side_lengths.then { |sides| sides.size > 1 ? sides.first(2) : sides * 2 }.map { |side| side + (2 * @way.seam) }
      end

      # @param sizes [Array<Array(Rational, Rational)>]
      # @return [Group]
      def group(sizes)
        offs = sizes.map { |one| one.zip(size).sum { |side, wanted| (side - wanted).to_f } / 2 }
        sources, rows, rounding = @at&.patch ? of_patch : of_unit
        moves = rows.transpose.map { |row| row.sum / row.size }
        Group.new(offs: offs, rounding: rounding, sources: told(sources, moves), always: off_always(sources, moves))
      end

      private

      def of_unit
        budget = ErrorModel::Budget.new(@way)
        sides = budget.sides.first(2)
        [budget.sources, sides.map(&:shares), sides.sum(&:off) / sides.size]
      end

      # A patch is as high and as wide as it was cut: what it moves by for each error alone.
      def of_patch
        note = Construction::Draws.new(@way.task.maker.profile)
        sides = cut_with(note)
        rows = note.sources.each_index.map { |i| nudged(note.sources.size, i).zip(sides).map { |one, other| one - other } }
        [note.sources, rows.transpose, 0.0]
      end

      def cut_with(draws)
        Construction::Skill.new(@way, draws).piece(cut)
      end

      def nudged(sources, place)
        cut_with(Construction::Draws.new(@way.task.maker.profile, Array.new(sources) { |i| i == place ? 1.0 : 0.0 }))
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
