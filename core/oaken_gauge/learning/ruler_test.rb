# frozen_string_literal: true

module OakenGauge
  module Learning
    # Strips cut to one width with one ruler, and measured: what they are off by, how far they vary, and how many were
    # set to the next line.
    class RulerTest
      include Documents::Record

      # What is off by more was not cut badly but set to another line, inches.
      MISREAD = 1/16r

      choice :test, %w[strips], always: true
      text :tool
      length :wanted, most: Tools::Tool::LARGEST
      list :found, Documents::Measures::Size.new(most: Tools::Tool::LARGEST), within: 1..200
      flag :sure
      rule(:found, :wanted, :sure, at: ->(*given) { far(*given) }, say: UnitsTest::TOO_FAR) { |*given| far(*given).empty? }

      class << self
        private

        def far(found, wanted, sure)
          return [] if sure

          found.each_index.select { |place| (found[place] - wanted).abs > UnitsTest::FAR }.map { |place| ["found", place] }
        end
      end

      # @param drawer [Tools::Drawer]
      # @return [Array<Lessons::Readings, Lessons::Hits>]
      def teaches(_maker, drawer)
        return [readings(:ruler_main)] if easy?(drawer)

        wrong = found.count { |one| misread?(one) }
        [readings(:ruler_between), Lessons::Hits.new(value: :misread, hits: wrong, of: found.size)]
      end

      private

      # Of those that were cut at the line: how far they are off, all alike and each for itself.
      def readings(name)
        right = found.reject { |one| misread?(one) }.map { |one| (one - wanted).to_f }
        Lessons::Readings.new(spread: name, found: right, scale: 1)
      end

      def misread?(strip)
        (strip - wanted).abs > MISREAD
      end

      def easy?(drawer)
        ruler = drawer.find { |one| one.id == tool }
        !ruler.is_a?(Tools::StraightRuler) || ruler.easy_line?(wanted)
      end
    end
  end
end
