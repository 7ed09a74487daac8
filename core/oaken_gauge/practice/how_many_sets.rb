# frozen_string_literal: true

module OakenGauge
  module Practice
    # So many units, so many at a time: how many sets, and how many left over?
    class HowManySets < Drill
      title "How many sets?"
      common 5
      AT_A_TIME = { "half-square triangle units" => [2, 4, 8], "flying geese" => [4], "hourglass units" => [2] }.freeze
      WORDS = { 2 => "two at a time", 4 => "four at a time", 8 => "eight at a time" }.freeze

      # @return [Question]
      def question
        units = pick(AT_A_TIME.keys)
        each = pick(AT_A_TIME.fetch(units))
        count = pick((5..40).to_a)
        sets = count.fdiv(each).ceil
        over = (sets * each) - count
        wrong = [sets - 1, sets + 1, count].select(&:positive?).map(&:to_s)
        ask("#{count} #{units}, #{WORDS.fetch(each)}: how many sets?", sets.to_s, wrong,
            because: "#{sets} × #{each} = #{sets * each}#{over.zero? ? ', none left over' : ", #{over} left over"}.")
      end
    end
  end
end
