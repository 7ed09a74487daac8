# frozen_string_literal: true

module OakenGauge
  module Quilts
    # A quilt from its blocks and how they are set: its size, its units, everything else that is cut for it.
    class Quilt
      # What a quilt is asked for. - entries: [[Blocks::UnitsOf, Integer]], the blocks, and how often each is made
      # - setting: {Blocks::Setting}; - seam: Rational inches; - binding: [width of a strip, its fabric]; - usable: of the
      #   binding's fabric, inches; - backing: [overhang, usable width, its fabric]; - grid: {Grid} that cut sizes round up to
      Asked = Struct.new(:entries, :setting, :seam, :binding, :usable, :backing, :grid, keyword_init: true)

      # @param asked [Asked]
      def initialize(asked)
        @asked = asked
        @setting = asked.setting
        @layout = Layout.of(@setting, asked.entries.first.first.size)
        @borders = Borders.new(@setting.borders, @layout.size, asked.seam, asked.grid)
        @finishing = Finishing.new(size, asked.seam)
      end

      # @return [Layout]
      attr_reader :layout

      # @return [Array(Numeric, Numeric)] width and height with borders, inches
      def size
        @borders.outside
      end

      # @return [Array<UnitsInBlocks::Counted>]
      def units
        @units ||= begin
          shades = @setting.shades
          order = ->(fabric) { [shades.fetch(fabric.to_sym, 3), fabric] }
          UnitsInBlocks.new(@asked.entries.map { |units, count| [units.all, count] }, order).all
        end
      end

      # @return [Array<CutPiece>] sashing and cornerstones, borders, binding
      def pieces
        @pieces ||= together(@layout.between_blocks.map { |between| cut(between) }) + @borders.pieces + [binding_strips]
      end

      # @return [Drawing]
      def drawing
        Drawing.new(@asked.entries, @setting, @layout)
      end

      # @return [Hash{Symbol => Layout::Triangles}]
      def triangles
        @layout.triangles
      end

      # @return [String, nil] the fabric of what fills the edge
      def triangle_fabric
        @setting.fabrics[:triangles]
      end

      # @return [Array<CutPiece>] the squares that the triangles at the edge are cut from
      def triangle_squares
        triangles.map do |what, one|
          CutPiece.new(what: what, fabric: triangle_fabric, size: [one.square(seam, grid)] * 2, count: one.squares, ends: :square,
                       then_do: one.per_square == 4 ? :cut_twice_diagonally : :cut_once_diagonally, pieces: one.count)
        end
      end

      # @return [Finishing::Binding]
      def binding
        @binding ||= @finishing.binding(@asked.binding.first, @asked.usable)
      end

      # @return [Finishing::Backing]
      def backing
        @backing ||= @finishing.backing(*@asked.backing.first(2))
      end

      # @return [String, nil]
      def backing_fabric
        @asked.backing.last
      end

      # @return [Array(Numeric, Numeric)] width and height, inches
      def batting
        @finishing.batting
      end

      private

      def seam
        @asked.seam
      end

      def grid
        @asked.grid
      end

      # Those of one size lie in the list once, whichever way they are sewn in.
      def together(pieces)
        pieces.group_by { |piece| [piece.what, piece.size, piece.ends] }.values.map do |same|
          CutPiece.new(**same.first.to_h, count: same.sum(&:count))
        end
      end

      def cut(between)
        return half_stones(between) if between.what == :half_cornerstone

        size = [between.size.first + (2 * seam), between.size.last + ends(between)].map { |side| grid.ceil(side) }
        CutPiece.new(what: between.what, fabric: fabric_of(between.what), size: size, count: between.count, ends: between.ends)
      end

      def ends(between)
        between.ends == :mitred ? between.over + (Borders::MITRE * seam) : 2 * seam
      end

      # Quarter-square triangles, so that the straight grain lies along the quilt's edge.
      def half_stones(between)
        square = grid.ceil(between.size.first + (Borders::MITRE * seam))
        CutPiece.new(what: between.what, fabric: fabric_of(between.what), size: [square, square], count: (between.count/4r).ceil,
                     ends: :square, then_do: :cut_twice_diagonally, pieces: between.count)
      end

      def fabric_of(what)
        @setting.fabrics[%i[sash long_sash].include?(what) ? :sashing : :cornerstones]
      end

      def binding_strips
        CutPiece.new(what: :binding, fabric: @asked.binding.last, size: [@asked.binding.first, @asked.usable], count: binding.strips,
ends: :square)
      end
    end
  end
end
