# frozen_string_literal: true

module OakenGauge
  module Practice
    # Four geese at a time: which fabric is cut to which number?
    class GooseOrSky < Drill
      title "Goose or sky?"
      common 3
      HEIGHTS = [1r, 3/2r, 2r, 5/2r, 3r].freeze

      # @return [Question]
      def question
        high = pick(HEIGHTS)
        pick([true, false]) ? large_sky(high) : small_sky(high)
      end

      private

      # One large square of sky, one smaller of goose.
      def large_sky(high)
        letter = letter_for(high)
        goose = letter.goose_square
        sky = letter.sky_square
        asked = pick(%w[goose sky])
        right = asked == "goose" ? goose : sky
        ask("Four geese #{say(high)} × #{say(2 * high)} from one square of each: the #{asked} is cut", say(right),
            [say(goose), say(sky), say(right + (1/2r))],
            because: "The #{letter.large} is the large square here: goose #{say(goose)}, sky #{say(sky)}.")
      end

      # One square of goose, four small ones of sky.
      def small_sky(high)
        goose = number(Patches::QuarterSquare.new(2 * high))
        sky = number(Patches::HalfSquare.new(high))
        asked = pick(%w[goose sky])
        right = asked == "goose" ? goose : sky
        ask("Four geese #{say(high)} × #{say(2 * high)} from one square and four small ones: the #{asked} is cut", say(right),
            [say(goose), say(sky), say(right + (1/8r))], because: "One goose square #{say(goose)}, four sky squares #{say(sky)}.")
      end

      def letter_for(high)
        trimmers = drawer.of(Tools::GeeseTrimmer) + Tools::Usual.all.grep(Tools::GeeseTrimmer)
        trimmers.flat_map(&:letters).find { |letter| letter.finished.first == high }
      end

      def number(shape)
        Grid.new(1/8r).ceil(shape.cut_outline(1/4r).width)
      end
    end
  end
end
