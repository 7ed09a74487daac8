# frozen_string_literal: true

module OakenGauge
  module Tools
    # Steel shapes in a board. It cuts as many layers at a time as the fabric allows, from a blank that only just
    # covers the shapes, its lengthwise grain along the feed.
    class Die < Tool
      # Layers at a time where the die's document does not say.
      USUAL_LAYERS = { cotton: 6, flannel: 2, batik: 4 }.freeze

      # Shapes of one kind in the board.
      class Shapes
        include Documents::Record

        Shaped.declare(self, :patch)
        integer :count, within: 1..400, label: "How many in one layer"
      end

      # Layers at a time, by fabric.
      class Layers
        include Documents::Record

        USUAL_LAYERS.each_key { |fabric| integer fabric, within: 1..40, default: nil, label: "Layers of #{fabric}" }
      end

      title "Die"
      group "Shapes cut in a press"
      common 9
      list :shapes, Shapes, within: 1..40, label: "Shapes"
      pair :board, names: ["Across the feed", "Along the feed"], most: LARGEST, label: "Board"
      pair :blank, names: ["Across the feed", "Along the feed"], most: LARGEST, label: "Blank"
      nested :max_layers, Layers, as: :stated_layers, default: nil, label: "Layers at a time"
      flag :notched, default: true, label: "Its corners come notched"
      made_for_seam
      alias notched? notched
      rule(:blank, :board, say: "is larger than its board: allowed is a blank that lies on the board") do |*sizes|
        within?(*sizes.map(&:sort))
      end
      rule(:blank, :shapes, :made_for_seam, say: "cannot hold its shapes: allowed is a blank with room for all of them") do |blank, *held|
        room_for?(blank, *held)
      end

      class << self
        private

        def within?(inner, outer)
          inner.zip(outer).all? { |side, room| side <= room }
        end

        # All shapes together are no larger than the blank, each with its allowance; notched corners need not be covered.
        def room_for?(blank, shapes, seam)
          shapes.sum { |held| held.count * area_cut(held.shape, seam) } <= blank.inject(:*) + Plane::SAME
        end

        # Of an outline its allowances are left out of account: how its corners are notched is not known.
        def area_cut(shape, seam)
          shape.kind == :shape ? shape.outline.area : shape.strip_outline(seam).area
        end
      end

      # @return [Hash{Symbol => Integer}] layers at a time, by fabric
      def max_layers
        @max_layers ||= USUAL_LAYERS.to_h { |fabric, usual| [fabric, stated_layers&.public_send(fabric) || usual] }
      end

      # The board, its longer side level, with the blank and the steel in it.
      # @return [Picture]
      def picture
        low, left = board.minmax.zip(blank.minmax).map { |side, less| (side - less)/2r }
        Picture.draw(written_in) do |draw|
          draw.body(level(board))
          [level(blank), *laid_out].each { |outline| draw.part(outline.move(left, low)) }
        end
      end

      # @param presses [Array<DiePress>]
      # @return [Boolean] whether one of them takes its board
      def usable_with?(presses)
        presses.any? { |press| press.takes?(self) }
      end

      # @return [Array<Mark>] a mark for each kind of shape
      def marks
        @marks ||= shapes.map do |held|
          size = held.shape.finished
          printed = size.is_a?(Rational) ? size : held.shape.kind.to_s.tr("_", " ")
          Mark.new(tool: self, side: held.shape.kind, makes: held.shape.kind, printed: printed, reads: :finished,
                   finished: size, shape: held.shape, main: true, held: held)
        end
      end

      # How the corners of an outline are notched is not known.
      # @param shape [Patches::Shape]
      # @return [Polygon] as it cuts it
      def steel(shape)
        notched? && shape.kind != :shape ? shape.strip_outline(made_for_seam) : shape.cut_outline(made_for_seam)
      end

      private

      def level(sides)
        Polygon.rectangle(*sides.minmax.reverse)
      end

      def laid_out
        DieLayout.new(blank, shapes.map { |held| [steel(held.shape), held.count] }).outlines
      end
    end
  end
end
