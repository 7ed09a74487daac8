# frozen_string_literal: true

module OakenGauge
  module Practice
    # A ruler with one line lit: which is it?
    class ReadTheEighth < Drill
      title "Read the eighth"
      common 1
      # How much of the ruler is shown, inches.
      SHOWN = 3r
      # How far off the wrong answers are, inches.
      WRONG = [1/8r, -1/8r, 1/4r].freeze

      # @return [Question] with a piece of ruler: from:, to:, lit: in inches, main_at: where its heavy lines stand
      def question
        ruler = pick(rulers)
        from = pick((0..(ruler.reach - SHOWN).to_i).to_a).to_r
        lit = from + (pick((4..20).to_a)/8r)
        ask("Which line is lit on #{ruler.name}?", say(lit), WRONG.map { |off| say(lit + off) }, because: because(lit, ruler),
            picture: { from: from, to: from + SHOWN, lit: lit, main_at: ruler.main_lines_at })
      end

      private

      def rulers
        own = drawer.of(Tools::StraightRuler).select { |ruler| ruler.step <= 1/8r && ruler.written_in == :inch && ruler.reach >= SHOWN }
        own.empty? ? Tools::Drawer.starter.to_a : own
      end

      def because(lit, ruler)
        main = (lit - ruler.main_lines_at).floor + ruler.main_lines_at
        eighths = ((lit - main) * 8).to_i
        return "It is one of the heavy lines." if eighths.zero?

        "From the heavy line at #{say(main)} count #{eighths} eighth#{'s' if eighths > 1}: #{say(lit)}."
      end
    end
  end
end
