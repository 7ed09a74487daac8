# frozen_string_literal: true

module OakenGauge
  module Blocks
    # The units of a block as its document tells it: what each is at the size of the cells it covers, and what is wrong where
    # that cannot be sewn.
    #
    # @example
    #   units = UnitsOf.new(block, "/blocks/0/block")
    #   units.faults.empty?   # => true
    #   units.all.first.unit.finished   # => [(3/1), (6/1)]
    class UnitsOf
      # A unit in its place. - unit: {Units::Unit}, one of it, in inches; - fabrics: {Symbol => String}; - piece: {Block::Piece}
      # - pointer: where the piece's document is
      Placed = Struct.new(:unit, :fabrics, :piece, :pointer, keyword_init: true) do
        # @return [Boolean]
        def mirror
          piece.mirror
        end
      end

      # Those that fill no rectangle by themselves.
      ONLY_IN_SETTINGS = %w[triangle web_half].freeze

      # @param block [Block]
      # @param pointer [String] where the block's document is
      # @param whole [Boolean] whether every cell must have a unit, and every unit all its fabrics
      def initialize(block, pointer = "", whole: true)
        @block = block
        @pointer = pointer
        @whole = whole
      end

      # @return [Array<Placed>] those that can be sewn
      def all
        read.filter_map(&:first)
      end

      # @return [Array<Documents::Fault>]
      def faults
        @faults ||= read.flat_map(&:last) + (read.all? { |_, faults| faults.empty? } ? in_cells : [])
      end

      # @return [Array<Array(String, Array<Array(Numeric, Numeric)>)>] of each patch its fabric and its corners, inches from the
      #   upper left corner of the block, downwards
      def outlines
        corners.flat_map do |corner, placed|
          piece = placed.piece
          Lying.outlines(placed.unit, placed.fabrics, turn: piece.turn, mirror: piece.mirror, corner: corner)
        end
      end

      # @return [Array<Array((Rational, Rational), Placed)>] each with the upper left corner of the cells it lies on, inches
      def corners
        all.map { |placed| [[@block.columns, @block.rows].zip(placed.piece.at).map { |sizes, first| sizes.first(first).sum }, placed] }
      end

      # @return [Array<Rational>] of every column and row, inches
      def lengths
        @block.columns + @block.rows
      end

      # @return [Array(Rational, Rational)] finished width and height, inches
      def size
        [@block.columns.sum, @block.rows.sum]
      end

      private

      # @return [Array<Array(Placed, Array<Fault>)>]
      def read
        @read ||= @block.pieces.each_with_index.map { |piece, place| one(piece, "#{@pointer}/pieces/#{place}") }
      end

      def one(piece, pointer)
        return [nil, [fault("#{pointer}/span", over_the_edge)]] unless within?(piece)

        unit = OakenGauge.read_unit(document(piece))
        faults = misfits(piece, unit, pointer)
        [(Placed.new(unit: unit, fabrics: piece.fabrics, piece: piece, pointer: pointer) if faults.empty?), faults]
      rescue Documents::Invalid => e
        [nil, e.faults.map do |one|
          fault("#{pointer}#{one.pointer.sub(%r{\A/finished(/\d)?}, '/span')}", "#{one.message}, as it lies on its cells")
        end]
      end

      def over_the_edge
        "hangs over the edge: allowed are #{@block.columns.size} columns and #{@block.rows.size} rows"
      end

      def within?(piece)
        piece.at.zip(piece.span, [@block.columns.size, @block.rows.size]).all? { |first, count, most| first + count <= most }
      end

      def document(piece)
        kind = Units.kinds.fetch(piece.kind.to_s)
        given = piece.to_document.slice("corner", "corners", "opposite", "outline")
        kind.new(**blank(kind)).to_document.slice("kind", "count").merge(given, finished(kind, sides(piece)))
      end

      # Only what it is and how many: the rest is the piece's own.
      def blank(kind)
        kind.fields.to_h { |field| [field.as, nil] }.merge(kind.so_many(1))
      end

      # @return [Array(Rational, Rational)] height and width as the unit is drawn by itself, inches
      def sides(piece)
        width, height = [@block.columns, @block.rows].zip(piece.at, piece.span).map { |sizes, first, count| sizes[first, count].sum }
        piece.turn.odd? ? [width, height] : [height, width]
      end

      def finished(kind, sides)
        field = kind.fields.find { |one| one.name == "finished" } or return {}
        lengths = sides.map { |side| Length.new(side).to_s }
        { "finished" => field.type.is_a?(Documents::Measures::Pair) ? lengths : lengths.last }
      end

      def misfits(piece, unit, pointer)
        [(if ONLY_IN_SETTINGS.include?(piece.kind.to_s)
            fault("#{pointer}/kind", "is for the edge of a setting: allowed in a block are other kinds")
          end),
         (unless unit.side_lengths == sides(piece)
            fault("#{pointer}/span", misshapen(piece))
          end), *fabric_faults(piece, unit, pointer)].compact
      end

      def misshapen(piece)
        "is #{sides(piece).map { |side| Length.new(side) }.join(' high and ')} wide: allowed are cells of the unit's own proportions"
      end

      def fabric_faults(piece, unit, pointer)
        roles = unit.class.roles
        strange = piece.fabrics.keys - roles - unit.seats
        missing = @whole ? roles - piece.fabrics.keys : []
        strange.map { |role| fault("#{pointer}/fabrics/#{role}", "is no fabric of this unit: allowed are #{roles.join(', ')}") } +
          missing.map { |role| fault("#{pointer}/fabrics", "lacks #{role}: allowed are #{roles.join(', ')}, all of them") }
      end

      # Two units on a cell, and cells without any.
      def in_cells
        taken = {}
        double = all.filter_map do |placed|
          cells = cells(placed.piece)
          fault(placed.pointer, "lies on another unit: allowed is one unit a cell") if
            cells.any? { |cell| taken[cell] }.tap { cells.each { |cell| taken[cell] = true } }
        end
        double + (@whole ? bare(taken) : [])
      end

      def bare(taken)
        cell = [*0...@block.columns.size].product([*0...@block.rows.size]).sort_by(&:reverse).find { |one| !taken[one] } or return []
        [fault("#{@pointer}/pieces", "leave column #{cell.first + 1} of row #{cell.last + 1} bare: allowed is a unit on every cell")]
      end

      def cells(piece)
        columns, rows = piece.at.zip(piece.span).map { |first, count| [*first...(first + count)] }
        columns.product(rows)
      end

      def fault(pointer, message)
        Documents::Fault.new(pointer: pointer, message: message)
      end
    end
  end
end
