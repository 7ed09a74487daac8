# frozen_string_literal: true

module OakenGauge
  module Blocks
    # What can be set down on a block's cells at once: each kind of unit at its smallest sizes, and parts of several patches
    # that quilters know by a name. Fabrics are told by number: 0 for the first chosen, 1 for the second, 2 for the third.
    #
    # @example
    #   Stamps.all.first.cells   # => [[[0, 1, 1, 0]]], a half-square triangle on one cell
    module Stamps
      # - name: String; - cells: rows of cells of four quarters (top, right, bottom, left), each the number of a fabric
      Stamp = Struct.new(:name, :cells, keyword_init: true)

      # Units by columns and rows of cells.
      SPANS = { half_square: [[1, 1], [2, 2]], hourglass: [[1, 1], [2, 2]], three_triangle: [[1, 1], [2, 2]], flying_geese: [[2, 1]],
                square_in_square: [[2, 2]], cut_corner: [[2, 2]] }.freeze
      RISING = [0, 1, 1, 0].freeze
      FALLING = [0, 0, 1, 1].freeze
      FIRST = [0, 0, 0, 0].freeze
      SECOND = [1, 1, 1, 1].freeze
      # A cell the other way round: the second fabric for the first.
      OTHER = ->(cell) { cell.map { |fabric| 1 - fabric } }
      PARTS = { "Chevron" => [[RISING, FALLING], [OTHER.call(RISING), OTHER.call(FALLING)]],
                "Rectangle with a triangle" => [[RISING, SECOND]],
                "Bars round a square" => [[FIRST, FIRST, FIRST], [FIRST, SECOND, FIRST], [FIRST, FIRST, FIRST]],
                "Four-patch" => [[FIRST, SECOND], [SECOND, FIRST]],
                "Pinwheel" => [[FALLING, OTHER.call(RISING)], [RISING, OTHER.call(FALLING)]] }.freeze
      private_constant :RISING, :FALLING, :FIRST, :SECOND, :OTHER, :PARTS

      class << self
        # @return [Array<Stamp>]
        def all
          @all ||= SPANS.flat_map { |kind, spans| spans.flat_map { |columns, rows| of(kind, columns, rows) } } +
                   PARTS.map { |name, cells| Stamp.new(name: name, cells: cells) }
        end

        private

        # As each lies when it is drawn by itself.
        def of(kind, columns, rows)
          upright = Stencil.all(columns, rows).select { |one| one.unit.class.kind == kind && one.turn.zero? && !one.mirror }
          upright.map.with_index(1) { |one, number| stamp(one, [columns, rows], upright.size > 1 ? number : nil) }
        end

        def stamp(stencil, span, number)
          cells = stencil.seats.map { |row| row.map { |quarters| quarters.map { |seat| place(stencil, seat) } } }
          Stamp.new(name: "#{stencil.unit.class.title}, #{span.join(' × ')} cells#{" (#{number})" if number}", cells: cells)
        end

        # A four-fabric unit takes its first two again.
        def place(stencil, seat)
          roles = stencil.unit.class.roles
          roles.index(seat) || roles.index(seat.to_s.delete_suffix("_2").to_sym)
        end
      end
    end
  end
end
