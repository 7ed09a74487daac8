# frozen_string_literal: true

module OakenGauge
  module Blocks
    # Every place in a picture where a unit of triangles could lie. Where it could lie there in several ways, with its fabrics
    # named otherwise, the one is taken whose fabrics come first, and of those the one that is turned least.
    class Placements
      # @param picture [Picture]
      # @param order [Proc] from a fabric's name to what it is sorted by
      # @param progress [Progress]
      def initialize(picture, order, progress = Progress.new)
        @picture = picture
        @order = order
        @quarters = picture.quarters.map(&:to_sym)
        @progress = progress
      end

      # @return [Array<Placement>] row by row
      def all
        found = spans.each_with_index.flat_map do |(columns, rows), i|
          @progress.at(:finding, i, spans.size)
          laid(columns, rows)
        end
        in_order(found)
      end

      # @return [Array<Placement>] those on one cell, row by row
      def of_one_cell
        in_order(laid(1, 1))
      end

      private

      def laid(columns, rows)
        patterns(columns, rows).flat_map { |pattern, places| places.filter_map { |column, row| at(pattern, column, row) } }
      end

      def in_order(found)
        one_each(found).sort_by { |placement| [*placement.at.reverse, *placement.span.reverse, placement.kind] }
      end

      # A stencil laid down. - seats: by seat, how far on from its first quarter each quarter of it is, those of cells with
      #   several seats first
      Pattern = Struct.new(:stencil, :seats, keyword_init: true)
      private_constant :Pattern

      def spans
        @spans ||= begin
          most = [@picture.columns, @picture.rows].max
          (1..most).to_a.product((1..most).to_a).select { |columns, rows| (rows..(2 * rows)).cover?(columns) }
        end
      end

      def patterns(columns, rows)
        stencils = Stencil.all(columns, rows).reject { |stencil| stencil.unit.patches.size == 1 }
        stencils.filter_map do |stencil|
          places = crossed(stencil)
          [pattern(stencil), places] unless places.empty?
        end
      end

      # Where each of its cells that have seams falls on a cell that is cut so. That is soon seen, and leaves few places.
      def crossed(stencil)
        places = stencil.begin_at.flat_map do |(right, below), same|
          cut_like(same).map { |x, y| [x - right, y - below] }
        end
        places.uniq.select { |column, row| inside?(stencil, column, row) && crossed_at?(stencil, column, row) }
      end

      def inside?(stencil, column, row)
        across, down = stencil.span
        column >= 0 && row >= 0 && column + across <= @picture.columns && row + down <= @picture.rows
      end

      def crossed_at?(stencil, column, row)
        stencil.seams.all? { |(right, below), same| looks[row + below][column + right].allbits?(same) }
      end

      # The cells with several fabrics of which these quarters at least are the same.
      def cut_like(same)
        (@cut_like ||= {})[same] ||= cut.select { |column, row| looks[row][column].allbits?(same) }
      end

      def cut
        @cut ||= Array.new(@picture.rows) { |row| Array.new(@picture.columns) { |column| [column, row] } }.flatten(1)
                      .reject { |column, row| @picture.plain?(column, row) }
      end

      def looks
        @looks ||= @picture.rows_of_cells.map { |row| row.map { |quarters| Stencil.same(quarters) } }
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
