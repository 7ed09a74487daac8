# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Any outline, cut round a template that lies on a strip, turned half round from patch to patch.
    class Template < Cutter
      # @return [Layout::Run] whichever side along the strip takes least fabric
      def cut(role, count)
        method.run(role, shape, count, outlines: shape.lying.map { |lying| blunted(role, lying).settle },
                                        hands: of_so_many(count, method.unit.hands_of(role, shape, seam)))
      end

      # @return [Patches::Band]
      def band
        shape.band(seam)
      end

      # @return [Symbol] dog ears are off already
      def tips
        :none
      end

      # @return [Array<Tools::Setting>]
      def settings
        exact = match.exact
        exact ? [setting_of(exact, "Cut round #{exact.tool.name}: its allowance is included.#{off_words}")] : no_template
      end

      # A template that is a little off moves every edge, all as far as the shape is larger for it.
      # @return [Construction::CutPatch]
      def cut_patch(role, skill)
        held = super
        off.zero? ? held : CutPatch.new(**held.to_h, pushes: held.pushes.map { |push| push + (off / shape.finished * inside) })
      end

      private

      # What the template is too large, inches finished.
      def off
        mark = match.exact
        mark && mark.finished.is_a?(Numeric) ? (mark.finished - shape.finished).to_f : 0.0
      end

      # How far its sides lie from its middle.
      def inside
        2 * shape.outline.area / shape.outline.edges.sum { |from, to| (to - from).abs }
      end

      def off_words
        " It is #{format('%.3f', off.abs)} #{off.positive? ? 'larger' : 'smaller'} than wanted." if off.abs >= Tools::Template::TRACED
      end

      def errs
        %i[cut_triangle template]
      end

      def match
        task.matching(Tools::Template, shape)
      end

      def made_for_other_seam(match)
        match.made_for_other_seam.find { |tool| tool.marks_making(shape).any? }
      end

      def no_template
        near_misses(match, "There is no template for #{shape_words} in the drawer. Add one with this outline.", :template) do |near|
          "No template is #{shape_words} of #{say(shape.finished)} finished; the nearest: #{on_tools(near)}. " \
            "Change the size to one of these, or add a template."
        end
      end
    end
  end
end
