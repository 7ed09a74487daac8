# frozen_string_literal: true

module OakenGauge
  module Learning
    # Strips cut to one width with one ruler, and measured: how far they vary, and how many were set to the next line.
    class RulerTest
      include Documents::Record

      # What is off by more was not cut badly but set to another line, inches.
      MISREAD = 1/16r

      choice :test, %w[strips], always: true
      text :tool
      length :wanted, most: Tools::Tool::LARGEST
      list :found, Documents::Measures::Size.new(most: Tools::Tool::LARGEST), within: 2..200

      # @param moving [Moving]
      # @param _maker [Makers::Maker]
      # @param drawer [Tools::Drawer]
      # @return [Array<Moving::Moved>]
      def moved(moving, _maker, drawer)
        return [spread(moving, :ruler_main)].compact if easy?(drawer)

        [spread(moving, :ruler_between), moving.mean(:misread, found.map { |one| misread?(one) ? 1.0 : 0.0 })].compact
      end

      private

      # Of those that were cut at the line; none where there are too few.
      def spread(moving, name)
        right = found.reject { |one| misread?(one) }.map { |one| (one - wanted).to_f }
        moving.spread(name, right, Rounding.of(found)) if right.size > 1
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
