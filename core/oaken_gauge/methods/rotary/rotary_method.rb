# frozen_string_literal: true

module OakenGauge
  module Methods
    module Rotary
      # Squares and rectangles cut with a rotary cutter along a straight ruler.
      #
      # @abstract
      class RotaryMethod < Method
        # @return [Array<Tools::Setting>] one for each size that is cut
        def settings
          @settings ||= ruler ? cuts.map(&:size).flatten.uniq.map { |size| setting(size) } : no_ruler
        end

        # Inches of the longest cut or line that needs a ruler beside it.
        # @return [Float]
        def longest_cut
          cut_side * SQRT2
        end

        private

        def rulers
          task.drawer.of(Tools::StraightRuler)
        end

        # The ruler that reaches, and of those the one on which most sizes fall on a heavy line.
        def ruler
          @ruler ||= rulers.select { |ruler| ruler.reach >= longest_cut }
                           .max_by { |ruler| cuts.sum { |cut| ruler.main_line?(cut.size.first) ? 1 : 0 } }
        end

        def no_ruler
          return no_tool if rulers.empty?

          longest = rulers.max_by(&:reach)
          refuse(:ruler_too_short,
                 "The longest cut is #{say(task.grid.ceil(longest_cut))}; your longest straight ruler, #{longest.name}, " \
                 "reaches #{say(longest.reach)}. Use a longer ruler, or a method with smaller pieces.")
          []
        end

        def no_tool
          refuse(:no_tool, "There is no straight ruler in the drawer. Add one to cut strips and squares.")
          []
        end

        def setting(size)
          heavy = ruler.main_line?(size) ? "a heavy line" : "a line between the heavy ones: read it twice"
          Tools::Setting.new(tool: ruler, mark: size, reads: :cut, off_by: 0r,
                             say: "Cut at #{say(size)} on #{ruler.name}, #{heavy}.")
        end
      end
    end
  end
end
