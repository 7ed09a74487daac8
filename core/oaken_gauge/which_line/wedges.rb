# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # A wedge ruler on a strip, and the square under its number for a kite.
    class Wedges < Layer
      # How far a side runs off the middle line, for an inch along it.
      SLANT = Math.tan(Patches::Wedge::HALF_ANGLE)

      # @return [Laying, nil]
      def laying
        return if other_seam? || !suits? || !mark

        shape.kind == :kite ? kite : Laying.new(tool: tool, mark: printed(mark), reads: :strip, steps: steps, scene: scene)
      end

      # @return [Missing, nil]
      def missing
        return unless suits? && !laying
        return other_seam if other_seam?

        lines = tool.marks.map { |one| printed(one) }.join(", ")
        Missing.new(tool: tool, say: "The wedge wants a strip of #{say(task.grid.ceil(strip))}; this ruler has lines for #{lines}. " \
                                     "Choose the block by the strip, or use a template.")
      end

      private

      def suits?
        %i[wedge kite].include?(shape.kind)
      end

      # The wedge that is cut, or that the kite goes with.
      def wedge
        shape.kind == :wedge ? shape : task.unit.shapes.find { |other| other.kind == :wedge }
      end

      def strip
        tool.tip_blunt ? wedge.sharp_height(seam) - tool.tip_blunt : wedge.strip_width(seam)
      end

      def mark
        @mark ||= wedge && tool.marks.find do |one|
          one.printed == task.grid.ceil(strip) && (shape.kind == :wedge || one.kite_square)
        end
      end

      def steps
        ["Cut a strip #{say(mark.printed)} wide: the number on this ruler is the strip.",
         "Lay the blunt tip on the upper edge of the strip and the line #{printed(mark)} on its lower edge.", "Cut both sides.",
         "For the next one rotate the ruler 180°, don't flip it, beside the cut that is there."]
      end

      # The tip lies in one corner of the square, the right angle in the corner across from it.
      def kite
        square = mark.kite_square
        Laying.new(tool: tool, mark: printed(mark), reads: :strip, scene: kite_scene(square),
                   steps: ["Cut a square #{say(square)}: the number under the strip #{printed(mark)}.",
                           "Lay the ruler's tip on one corner and its middle line from that corner to the one across.", "Cut both sides."])
      end

      # The ruler as far as it covers the square. Its sides would meet in the corner.
      def kite_scene(side)
        Scene.new(fabric: [Polygon.rectangle(side, side)], bodies: [ruler(side * SQRT2)], lines: [],
                  pieces: [Polygon.new([[0, 0], [side, side * SLANT], [side, side], [side * SLANT, side]])],
                  lit: [Line.new([0, 0], [side, side], :main)], label: Label.new([side / 2, -1/4r], line(side)))
      end

      # From its blunted tip so far along its middle line, which rises at 45°.
      def ruler(length)
        ends = [[blunt, -1], [length, -1], [length, 1], [blunt, 1]]
        Polygon.new(ends.map { |far, way| [far * (1 - (way * SLANT)), far * (1 + (way * SLANT))].map { |place| place / SQRT2 } })
      end

      # What is missing from its tip.
      def blunt
        tool.tip_blunt || ((seam / Math.sin(Patches::Wedge::HALF_ANGLE)) - seam)
      end

      def scene
        tiling = Tiling.new(wedge.cut_outline(seam).between(-seam, mark.printed - seam).settle)
        Scene.on_strip(tiling, mark.printed, printed(mark)) { |under| [under, []] }
      end
    end
  end
end
