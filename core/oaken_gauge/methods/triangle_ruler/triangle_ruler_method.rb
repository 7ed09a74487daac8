# frozen_string_literal: true

module OakenGauge
  module Methods
    module TriangleRuler
      # Triangles cut from strips with a ruler made for them.
      #
      # @abstract
      class TriangleRulerMethod < Method
        # @return [Array<Tools::Setting>] the mark for the patch, or the nearest ones
        def settings
          @settings ||= shapes.flat_map { |shape| settings_for(shape) }
        end

        # @param role [Symbol]
        # @param shape [Patches::Shape]
        # @param count [Integer]
        # @return [Stock::Run] so many of a shape, tiled along strips
        def run(role, shape, count)
          exact = shape.strip_width(seam)
          Stock::Run.new(role: role, exact_width: exact, width: task.grid.ceil(exact), count: count,
                         outline: shape.strip_outline(seam), then_do: :cut_triangles)
        end

        private

        def shapes
          unit.patches.map(&:shape).uniq
        end

        def settings_for(shape)
          match = Tools::Matching.new(task.drawer.of(Tools::StripTriangleRuler), shape, seam)
          match.exact ? [setting(match.exact, shape)] : no_mark(match, shape)
        end

        def no_mark(match, shape)
          return no_tool(match, shape) if match.nearest.empty?

          refuse(:no_mark, "No triangle ruler has a mark for #{say(shape.finished)} finished; the nearest: " \
                           "#{match.nearest.map { |mark| nearest_words(mark, shape) }.join(', ')}. " \
                           "Change the size to one of these, or cut at the next mark up and trim.")
          match.nearest.map { |mark| setting(mark, shape) }
        end

        def no_tool(match, shape)
          other = match.made_for_other_seam
          return seam_mismatch(other.first) unless other.empty?

          refuse(:no_tool, "No tool in the drawer cuts a #{shape.kind.to_s.tr('_', '-')} triangle from a strip. Add a triangle ruler.")
          []
        end

        def seam_mismatch(tool)
          refuse(:seam_mismatch, "#{tool.name} counts on a seam allowance of #{say(tool.made_for_seam)}; with #{say(seam)} its " \
                                 "triangles come out wrong by #{(SQRT2 * (seam - tool.made_for_seam)).abs.round(3)} along the leg. " \
                                 "Sew with #{say(tool.made_for_seam)}, or use another method.")
          []
        end

        def nearest_words(mark, shape)
          off = mark.finished - shape.finished
          "#{say(mark.finished)} (#{say(off.abs)} #{off.negative? ? 'smaller' : 'larger'})"
        end

        def setting(mark, shape)
          Tools::Setting.new(tool: mark.tool, side: mark.side, mark: mark.printed, reads: mark.reads,
                             off_by: mark.finished - shape.finished, say: setting_words(mark))
        end

        def setting_words(mark)
          "Line #{mark.label(task.measure)} on #{mark.tool.name}: that number is the #{reads_words(mark)}. " \
            "Cut the strip #{say(task.grid.ceil(shape_of(mark).strip_width(seam)))} wide."
        end

        def shape_of(mark)
          shapes.first.class.new(mark.finished)
        end

        def reads_words(mark)
          mark.reads == :strip ? "strip width" : "finished size"
        end
      end
    end
  end
end
