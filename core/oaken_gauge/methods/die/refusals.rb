# frozen_string_literal: true

module OakenGauge
  module Methods
    module Die
      # Why no die in the drawer makes a shape, and which come nearest.
      class Refusals
        def initialize(method, match, shape)
          @method = method
          @match = match
          @shape = shape
        end

        # Adds the reason to the method.
        # @return [Array<Tools::Setting>] the nearest dies
        def settings
          return no_die if @match.nearest.empty?

          @method.refuse(:no_mark, "No die cuts this shape at #{say(@shape.finished)} finished; the nearest: #{nearest}. " \
                                   "Change the size to one of these, or use another method.")
          @match.nearest.map { |mark| setting(mark) }
        end

        private

        def say(size)
          @method.say(size)
        end

        def no_die
          other = @match.made_for_other_seam.first
          other ? seam_mismatch(other) : @method.refuse(:no_tool, "There is no die for this shape in the drawer. Add one.")
          []
        end

        def seam_mismatch(tool)
          @method.refuse(:seam_mismatch, "#{tool.name} counts on a seam allowance of #{say(tool.made_for_seam)}, " \
                                         "not #{say(@method.seam)}. Sew with #{say(tool.made_for_seam)}, or use another method.")
        end

        def nearest
          @match.nearest.map { |mark| "#{say(mark.finished)} on #{mark.tool.name}" }.join(", ")
        end

        def setting(mark)
          Tools::Setting.new(tool: mark.tool, side: mark.side, mark: mark.printed, reads: mark.reads,
                             off_by: mark.finished - @shape.finished, say: "#{mark.tool.name} finishes at #{say(mark.finished)}.")
        end
      end
    end
  end
end
