# frozen_string_literal: true

module OakenGauge
  module Blocks
    # A unit on square cells, in one of the ways in which it can lie: mirrored or not, then turned by quarter turns clockwise.
    # It says which seat of the unit each quarter of each cell is; see {Units::Unit#seats}.
    class Stencil
      # @return [Units::Unit] its lengths in cells
      attr_reader :unit
      # @return [Integer] quarter turns
      attr_reader :turn
      # @return [Boolean]
      attr_reader :mirror
      # @return [Array<Array<Array<Symbol>>>] rows of cells of four seats
      attr_reader :seats

      # @param columns [Integer] how many it covers as it is drawn by itself
      # @param rows [Integer]
      # @return [Array<Stencil>] each way in which a unit of any kind lies on so many cells, none twice
      def self.all(columns, rows)
        REMEMBERED.fetch([columns, rows]) do
          Units.kinds.values.flat_map do |kind|
            kind.on_cells.call(columns, rows).flat_map { |values| ways(kind.new(**values, **kind.so_many(1))) }
          end
        end
      end

      # Every span of a block's cells.
      REMEMBERED = Memo.new(300)
      private_constant :REMEMBERED

      # @param unit [Units::Unit] its lengths in cells
      # @return [Array<Stencil>] each way in which it lies, turned least first
      def self.ways(unit)
        drawn = Drawn.new(unit).cells
        (unit.hands ? [false, true] : [false]).flat_map do |mirror|
          (0..3).map { |turn| new(unit, turn, mirror, turned(mirror ? mirrored(drawn) : drawn, turn)) }
        end.uniq(&:seats)
      end

      # Each two quarters of a cell.
      TWO = [0, 1, 2, 3].combination(2).to_a.freeze
      private_constant :TWO

      # @param quarters [Array] of a cell
      # @return [Integer] a bit for each two that are the same
      def self.same(quarters)
        TWO.each_with_index.sum { |(one, other), bit| quarters[one] == quarters[other] ? 1 << bit : 0 }
      end

      def self.turned(cells, turns)
        turns.times.reduce(cells) { |before, _| before.reverse.transpose.map { |row| row.map { |quarters| quarters.rotate(-1) } } }
      end
      private_class_method :turned

      def self.mirrored(cells)
        cells.map { |row| row.reverse.map { |top, right, bottom, left| [top, left, bottom, right] } }
      end
      private_class_method :mirrored

      # @param unit [Units::Unit] its lengths in cells
      def initialize(unit, turn, mirror, seats)
        @unit = unit
        @turn = turn
        @mirror = mirror
        @seats = seats
      end

      # @return [Array(Integer, Integer)] columns and rows that it covers as it lies
      def span
        [seats.first.size, seats.size]
      end

      # @return [Array<Array((Integer, Integer), Integer)>] each cell with seams, columns and rows from its upper left one, and
      #   which of its quarters are the same; every unit of triangles has some
      def seams
        @seams ||= seats.each_with_index.flat_map do |row, y|
          row.each_with_index.filter_map { |cell, x| [[x, y], self.class.same(cell)] if cell.uniq.size > 1 }
        end
      end

      # Cells of {#seams} of which one at least is cut, whatever its fabrics are: the first, unless two fabrics that meet at a seam
      # may be the same, as three quarters of an hourglass may.
      # @return [Array<Array((Integer, Integer), Integer)>]
      def begin_at
        @begin_at ||= loose? ? seams : seams.first(1)
      end

      # @return [Array<Symbol>] the names of its fabrics, those of the unit's own roles first
      def names
        @names ||= (unit.class.roles + unit.seats).uniq
      end

      private

      def loose?
        pairs = seats.flatten(1).flat_map { |cell| cell.uniq.combination(2).to_a }.uniq
        pairs.any? { |one, other| unit.class.of_these?(names.map { |name| name == other ? one : name }) }
      end

      # A unit as it is drawn by itself, upright.
      class Drawn
        # Where the middle of a quarter is from the middle of its cell, upward and to the right, in sides of a cell.
        MIDDLES = [[0, 1 / 3.0], [1 / 3.0, 0], [0, -1 / 3.0], [-1 / 3.0, 0]].freeze

        # @param unit [Units::Unit] its lengths in cells
        def initialize(unit)
          @unit = unit
          # Of each patch its edges, as numbers of which a point within makes a positive sum. Patches on cells have no inward
          # corners.
          @edges = unit.patches.map { |patch| patch.outline.edges.map { |from, to| line(from, to - from) } }
        end

        # @return [Array<Array<Array<Symbol>>>] rows of cells of four seats
        def cells
          height, width = @unit.side_lengths.map(&:to_i)
          Array.new(height) { |row| Array.new(width) { |column| cell(column + 0.5, height - row - 0.5) } }
        end

        private

        def line(from, way)
          [-way.imag, way.real, (from.real * way.imag) - (from.imag * way.real)].map(&:to_f)
        end

        def cell(across, upward)
          MIDDLES.map { |right, higher| @unit.seats[@edges.index { |edges| within?(edges, across + right, upward + higher) }] }
        end

        def within?(edges, across, upward)
          edges.all? { |(x, y, constant)| ((x * across) + (y * upward) + constant).positive? }
        end
      end
    end
  end
end
