# frozen_string_literal: true

module OakenGauge
  module Settings
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

      private

      def rulers
        @rulers ||= @method.task.drawer.of(Tools::StraightRuler)
      end

      def best(longest, size)
        @method.task.straight_ruler(longest, size)
      end

      def refusal(longest)
        rulers.empty? ? no_tool : too_short(longest)
        []
      end

      def no_tool
        @method.refuse(:no_tool, "There is no straight ruler in the drawer. Add one to cut strips and squares.", lacks: :straight_ruler)
      end

      def too_short(longest)
        ruler = rulers.max_by(&:reach)
        @method.refuse(:ruler_too_short,
                       "The longest cut is #{@method.say(@method.task.grid.ceil(longest))}; your longest straight ruler, #{ruler.name}, " \
                       "reaches #{@method.say(ruler.reach)}. Use a longer ruler, or a method with smaller pieces.")
      end

      def setting(ruler, side)
        Tools::Setting.new(tool: ruler, mark: side, reads: :cut, off_by: off_by(ruler, side), say: words(ruler, side))
      end

      def words(ruler, side)
        text = "Cut at #{ruler.line(side, measure)} on #{ruler.name}, #{line_words(ruler, side)}.#{off_words(ruler, side)}"
        side > ruler.reach_across ? "#{text} #{added_line(ruler, side)}" : text
      end

      def measure
        @method.task.measure
      end

      # A ruler of another measure has its line a little past what is needed.
      def off_by(ruler, side)
        return 0r if (ruler.written_in == :inch) == (measure == :inch)

        exact = @method.cuts.select(&:subcut).flat_map { |cut| cut.size.zip(cut.exact) }.to_h[side] or return 0r
        side - Grid.new(Tools::StraightRuler::USUAL.fetch(measure)).ceil(exact)
      end

      def off_words(ruler, side)
        off = off_by(ruler, side)
        " That is #{@method.say(off.to_f)} past the #{@method.say(side - off)} that is needed." unless off.zero?
      end

      def line_words(ruler, side)
        whole = ruler.numbered == 1 ? "inch" : "centimetre"
        if ruler.main_line?(side)
          return (if (side % ruler.numbered).zero?
                    "#{whole == 'inch' ? 'an' : 'a'} #{whole} line"
                  else
                    "a main line"
                  end)
        end

        ruler.half?(side) ? "a half-#{whole} line" : "#{fine_line(whole, side)}: read it twice"
      end

      def fine_line(whole, side)
        whole == "inch" ? FINE.fetch(side.denominator, "a fine line") : "a millimetre line"
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
                                 "#{Saying.many(placements, 'placement')} of #{slotted.name}.")]
      end
    end
  end
end
