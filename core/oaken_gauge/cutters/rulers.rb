# frozen_string_literal: true

module OakenGauge
  module Cutters
    # Setting straight rulers for squares and rectangles: which ruler reaches, which lines are read.
    class Rulers
      # What the lines between are called, by the parts of an inch that they stand at.
      FINE = { 4 => "a quarter-inch line", 8 => "an eighth line", 16 => "a sixteenth line" }.freeze

      # @param method [Methods::Method]
      def initialize(method)
        @method = method
      end

      # @param size [Array<Rational>] height and width of a piece as cut
      # @param diagonal [Boolean] whether a line runs from corner to corner of it
      # @return [Array<Tools::Setting>] one for each line that is read; none when no ruler will do
      def settings(size, diagonal: false)
        longest = diagonal ? size.max * SQRT2 : size.max
        ruler = best(longest, size) or return refusal(longest)
        size.uniq.map { |side| setting(ruler, side) } + slots(size)
      end

      # @param size [Rational] inches
      # @return [Boolean] whether it falls on a main line or a half of the ruler it is cut with
      def easy_line?(size)
        best(size, [size])&.easy_line?(size) || false
      end

      private

      def rulers
        @rulers ||= @method.task.drawer.of(Tools::StraightRuler)
      end

      # Of the rulers that reach, the one on which most sizes are easily found, and of those fall on a main line.
      def best(longest, size)
        rulers.select { |ruler| ruler.reach >= longest }
              .max_by { |ruler| %i[easy_line? main_line?].map { |line| size.count { |side| ruler.public_send(line, side) } } }
      end

      def refusal(longest)
        rulers.empty? ? no_tool : too_short(longest)
        []
      end

      def no_tool
        @method.refuse(:no_tool, "There is no straight ruler in the drawer. Add one to cut strips and squares.")
      end

      def too_short(longest)
        ruler = rulers.max_by(&:reach)
        @method.refuse(:ruler_too_short,
                       "The longest cut is #{@method.say(@method.task.grid.ceil(longest))}; your longest straight ruler, #{ruler.name}, " \
                       "reaches #{@method.say(ruler.reach)}. Use a longer ruler, or a method with smaller pieces.")
      end

      def setting(ruler, side)
        Tools::Setting.new(tool: ruler, mark: side, reads: :cut, off_by: 0r, say: words(ruler, side))
      end

      def words(ruler, side)
        text = "Cut at #{@method.say(side)} on #{ruler.name}, #{line_words(ruler, side)}."
        side > ruler.reach_across ? "#{text} #{added_line(ruler, side)}" : text
      end

      def line_words(ruler, side)
        return (side % 1).zero? ? "an inch line" : "a main line" if ruler.main_line?(side)

        ruler.half?(side) ? "a half-inch line" : "#{FINE.fetch(side.denominator, 'a fine line')}: read it twice"
      end

      def added_line(ruler, side)
        "It is wider than the ruler: lay the ruler's whole width of #{@method.say(ruler.reach_across)}, butt a second ruler to it, " \
          "and add #{@method.say(side - ruler.reach_across)}."
      end

      # A slotted ruler cuts the strips without being moved from each to the next.
      def slots(size)
        slotted = @method.task.slots.ruler(size.first) or return []
        placements = slotted.placements(size.first, slotted.strips_at_once(size.first))
        [Tools::Setting.new(tool: slotted, mark: size.first, reads: :cut, off_by: 0r,
                            say: "For several strips of #{@method.say(size.first)}: #{slotted.strips_at_once(size.first)} from " \
                                 "#{placements == 1 ? '1 placement' : "#{placements} placements"} of #{slotted.name}.")]
      end
    end
  end
end
