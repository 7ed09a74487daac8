# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Any outline, cut round a template that lies on a strip, turned half round from patch to patch.
    class Template < Cutter
      # @return [Stock::Run] whichever side along the strip takes least cloth
      def cut(role, count)
        method.run(role, shape, count, outlines: shape.lying.map { |lying| blunted(role, lying).settle })
      end

      # @return [Patches::Band]
      def band
        shape.band(seam)
      end

      # @return [Array<Tools::Setting>]
      def settings
        match = task.matching(Tools::Template, shape)
        return [setting_of(match.exact, "Cut round #{match.exact.tool.name}: its allowance is included.")] if match.exact

        no_template(match)
      end

      private

      def errs
        %i[cut_triangle template]
      end

      def no_template(match)
        return near_misses(match) unless match.nearest.empty?

        other = match.made_for_other_seam.find { |tool| tool.marks_making(shape).any? }
        return seam_mismatch(other) if other

        refuse(:no_tool, "There is no template for #{shape_words} in the drawer. Add one with this outline.")
      end

      def near_misses(match)
        refuse(:no_mark, "No template is #{shape_words} of #{say(shape.finished)} finished; the nearest: #{nearest_words(match)}. " \
                         "Change the size to one of these, or add a template.")
        match.nearest.map { |mark| setting_of(mark, "#{mark.tool.name} finishes at #{say(mark.finished)}.") }
      end
    end
  end
end
