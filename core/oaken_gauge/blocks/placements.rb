# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Every place in a picture where a unit of triangles could lie. Where it could lie there in several ways, with its fabrics
    # named otherwise, the one is taken whose fabrics come first, and of those the one that is turned least.
    class Placements
      # @param picture [Picture]
      # @param order [Proc] from a fabric's name to what it is sorted by
      def initialize(picture, order)
        @picture = picture
        @order = order
        @quarters = picture.quarters.map(&:to_sym)
      end

      # @return [Array<Placement>] row by row
      def all
        found = spans.flat_map { |columns, rows| patterns(columns, rows).flat_map { |pattern| along(pattern) } }
        one_each(found).sort_by { |placement| [*placement.at.reverse, *placement.span.reverse, placement.kind] }
      end

      private

      # A stencil laid down. - seats: by seat, how far on from its first quarter each quarter of it is, those of cells with
      #   several seats first
      Pattern = Struct.new(:stencil, :seats, keyword_init: true)
      private_constant :Pattern

      def spans
        most = [@picture.columns, @picture.rows].max
        (1..most).to_a.product((1..most).to_a).select { |columns, rows| (rows..(2 * rows)).cover?(columns) }
      end

      def patterns(columns, rows)
        stencils = Stencil.all(columns, rows).reject { |stencil| stencil.unit.patches.size == 1 }
        fitting = stencils.select { |stencil| stencil.span.first <= @picture.columns && stencil.span.last <= @picture.rows }
        fitting.map { |stencil| pattern(stencil) }
      end

      def pattern(stencil)
        seats = steps(stencil.seats).group_by(&:last).transform_values { |same| same.map(&:first) }
        Pattern.new(stencil: stencil, seats: stencil.names.to_h { |name| [name, seats.fetch(name)] })
      end

      def steps(seats)
        cells = seats.each_with_index.flat_map { |row, y| row.each_with_index.map { |cell, x| [cell, 4 * ((y * @picture.columns) + x)] } }
        mixed, whole = cells.partition { |cell, _| cell.uniq.size > 1 }
        (mixed + whole).flat_map { |cell, step| cell.each_with_index.map { |seat, quarter| [step + quarter, seat] } }
      end

      def along(pattern)
        across, down = pattern.stencil.span
        (0..(@picture.rows - down)).flat_map do |row|
          (0..(@picture.columns - across)).filter_map { |column| at(pattern, column, row) }
        end
      end

      def at(pattern, column, row)
        first = 4 * ((row * @picture.columns) + column)
        fabrics = pattern.seats.transform_values { |steps| @quarters[first + steps.first] }
        stencil = pattern.stencil
        return unless stencil.unit.class.of_these?(fabrics.values) && filled?(pattern, first, fabrics)

        Placement.new(unit: stencil.unit, at: [column, row], span: stencil.span, turn: stencil.turn, mirror: stencil.mirror,
                      fabrics: fabrics.transform_values(&:to_s))
      end

      def filled?(pattern, first, fabrics)
        pattern.seats.all? do |seat, steps|
          fabric = fabrics[seat]
          steps.all? { |step| @quarters[first + step] == fabric }
        end
      end

      def one_each(found)
        found.group_by { |placement| [placement.kind, placement.box] }.values.map do |same|
          same.min_by { |placement| [placement.fabrics.values.map(&@order), placement.mirror ? 1 : 0, placement.turn] }
        end
      end
    end
  end
end
