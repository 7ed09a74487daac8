# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Wedges cut from strips with a wedge ruler, and kites from the squares it names under the strip's
    # number. The ruler's tip is blunt by as much as its document says; without a word of that, by as
    # much as the strip's edge would take off.
    class WedgeStrip < Cutter
      KINDS = %i[wedge kite].freeze
      # What a kite may be too large and still be sewn as it is, inches.
      LARGE = 1/16r

      def self.suits?(shape)
        KINDS.include?(shape.kind)
      end

      # @return [Layout::Run, Layout::Piece]
      def cut(role, count)
        return kite_squares(role, count) if shape.kind == :kite

        Layout::Run.new(role: role, count: count, layers: 1, each: 1, then_do: :cut_triangles,
                       ways: [{ exact: strip_height, width: strip_width, outline: wedge_as_cut }])
      end

      # @return [Patches::Band, nil] kites are cut sharp
      def band
        Patches::Band.new(outline: shape.outline, low: -seam, high: strip_height - seam) if shape.kind == :wedge
      end

      # @return [Boolean]
      def blunt?
        true
      end

      # @return [Symbol]
      def tips
        :acute
      end

      # @return [Array<Tools::Setting>]
      def settings
        return refuse_without_ruler unless mark

        [Tools::Setting.new(tool: mark.tool, side: shape.kind, mark: printed, reads: shape.kind == :kite ? :cut : :strip, off_by: 0r,
                            say: words)]
      end

      # @return [Construction::CutPatch]
      def cut_patch(role, skill)
        cut = (@made ||= {})[role] ||= cut(role, 1)
        shape.kind == :wedge ? from_strip(cut, skill) : from_square(cut, skill)
      end

      # A kite from a square that is a good deal larger is trimmed after sewing.
      # @return [Boolean]
      def large?(role)
        shape.kind == :kite && cut(role, 1).then { |cut| cut.size.first - cut.exact.first > LARGE }
      end

      # The mark whose strip is the wedge's, rounded up.
      # @return [Tools::Mark, nil]
      def mark
        @mark ||= rulers.flat_map(&:marks).find { |mark| serves?(mark) }
      end

      private

      def rulers
        task.drawer.of(Tools::WedgeRuler).select { |ruler| ruler.made_for_seam == seam }
      end

      # A strip that was rounded up gives a wedge that is as much higher, and wider at its base.
      def wedge_as_cut
        larger = shape.class.new(shape.finished + strip_width - strip_height)
        larger.cut_outline(seam).between(-seam, strip_width - seam).settle
      end

      # The wedge that the kite belongs to has its size too.
      def wedge
        shape.kind == :wedge ? shape : method.unit.shapes.find { |other| other.kind == :wedge }
      end

      def serves?(mark)
        mark.printed == task.grid.ceil(height_for(mark.tool)) && (shape.kind == :wedge || kite_fits?(mark))
      end

      def kite_fits?(mark)
        mark.kite_square && mark.kite_square >= shape.piece_size(seam).first - Plane::SAME
      end

      def height_for(ruler)
        blunt = ruler.tip_blunt
        blunt ? wedge.sharp_height(seam) - blunt : wedge.strip_width(seam)
      end

      def strip_height
        mark ? height_for(mark.tool) : wedge.strip_width(seam)
      end

      def strip_width
        mark ? mark.printed : task.grid.ceil(strip_height)
      end

      def kite_squares(role, count)
        exact = shape.piece_size(seam)
        size = mark ? [mark.kite_square] * 2 : exact.map { |side| task.grid.ceil(side) }
        Layout::Piece.new(role: role, exact: exact, size: size, count: count, then_do: :cut_kite, marks: [])
      end

      def printed
        shape.kind == :kite ? mark.kite_square : mark.printed
      end

      def words
        if shape.kind == :wedge
          return "Strips #{say(mark.printed)} wide; that number on #{mark.tool.name} is the strip width.#{corner_words}"
        end

        "Squares of #{say(mark.kite_square)}, the number under strip #{say(mark.printed)} on #{mark.tool.name}."
      end

      # Where it prints one and she goes by it.
      def corner_words
        square = mark.corner_square
        return unless square && method.unit_oversize(:corners).positive? && task.maker.corners == :ruler && !method.unit.large_corners?

        " Under it: squares of #{say(square)} for the corners, to be squared up when they are sewn on."
      end

      def refuse_without_ruler
        owned = task.drawer.of(Tools::WedgeRuler)
        return refuse(:no_tool, "There is no wedge ruler in the drawer. Add one.", lacks: :wedge_ruler) if owned.empty?

        rulers.empty? ? seam_mismatch(owned.first) : no_mark
      end

      def no_mark
        needed = rulers.map { |ruler| say(task.grid.ceil(height_for(ruler))) }.uniq.join(" or ")
        kite = " with a large enough kite square" if shape.kind == :kite
        refuse(:no_mark, "No wedge ruler has a line for a strip of #{needed}#{kite}; the lines are #{lines}. " \
                         "Change the size, or use a template.")
      end

      def lines
        rulers.flat_map(&:marks).map { |mark| say(mark.printed) }.join(", ")
      end
    end
  end
end
