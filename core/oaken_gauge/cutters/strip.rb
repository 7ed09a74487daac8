# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Triangles cut from strips with a ruler made for them.
    class Strip < Cutter
      KINDS = %i[half_square quarter_square].freeze
      # Its ruler cuts true through a folded strip, or a pair.
      MOST_LAYERS = 2

      def self.suits?(shape)
        KINDS.include?(shape.kind)
      end

      # @param layers [Integer] 2 for a strip folded right sides together, which gives both hands
      # @return [Layout::Run] tiled along strips
      def cut(role, count, layers: 1)
        method.run(role, shape, count, layers: layers, outlines: [shape.strip_outline(seam)], most_layers: MOST_LAYERS, hands: hands(count))
      end

      # @return [Patches::Band]
      def band
        shape.band(seam)
      end

      # @param slants [Array<Numeric>] edges that were cut together with another patch, inches
      # @return [Construction::CutPatch]
      def cut_patch(role, skill, slants: [])
        from_strip((@runs ||= {})[role] ||= cut(role, 1), skill, slants)
      end

      # @return [Boolean] as the ruler's own tip is
      def blunt?
        mark = match.exact
        mark.nil? || mark.tool.sides.find { |side| side.makes == mark.side }&.blunt_tip != false
      end

      # @return [Symbol]
      def tips
        shape.kind == :half_square ? :one : :acute
      end

      # @return [Array<Tools::Setting>] the mark for the patch, or the nearest ones
      def settings
        match.exact ? [setting(match.exact)] : no_mark
      end

      private

      # A half-square triangle is blunt at one tip: in a unit that has a hand it sits there as the unit lies. In others either
      # hand does, as long as both are laid together by their blunt ends.
      def hands(count)
        own = method.unit.hands
        of_so_many(count, own.values_at(:left, :right)) if own && shape.kind == :half_square
      end

      def match
        task.matching(Tools::StripTriangleRuler, shape)
      end

      def no_mark
        lacking = "No tool in the drawer cuts #{shape_words} from a strip. Add a triangle ruler."
        marks = nearest(match, lacking, :strip_triangle_ruler) do |near|
          "No triangle ruler has a mark for #{say(shape.finished)} finished; the nearest: " \
            "#{near.map { |mark| off_words(mark) }.join(', ')}. Change the size to one of these, or cut at the next mark up and trim."
        end
        marks.map { |mark| setting(mark) }
      end

      def off_words(mark)
        off = off_by(mark)
        "#{say(mark.finished)} (#{say(off.abs)} #{off.negative? ? 'smaller' : 'larger'})"
      end

      # Two sides may have the same number, and make two patches.
      def side_words(mark)
        mark.tool.sides.size > 1 ? "the #{mark.side.to_s.tr('_', '-')} side of #{mark.tool.name}" : mark.tool.name
      end

      def setting(mark)
        strip = task.grid.ceil(shape.class.new(mark.finished).strip_width(seam))
        reads = mark.reads == :strip ? "strip width" : "finished size"
        setting_of(mark, "Line #{mark.tool.line(mark.printed, task.measure)} on #{side_words(mark)}: that number is the #{reads}. " \
                         "Cut the strip #{say(strip)} wide.")
      end
    end
  end
end
