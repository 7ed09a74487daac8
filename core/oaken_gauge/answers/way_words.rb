# frozen_string_literal: true

module OakenGauge
  module Answers
    # What is said of a way to take a block apart: what it takes, and how it differs from the first.
    #
    # @example
    #   WayWords.new(ways.first, :inch).of(ways.last)
    #   # => "3 seams · 21 sq in of fabric · …. 2 half-square triangle units (HST) in place of 1 flying geese unit; 1 seam more."
    class WayWords
      # Kinds of unit that are told on either side; of more it is plainer to look.
      MOST = 2

      # @param first [Blocks::Way] the best
      # @param measure [Symbol]
      def initialize(first, measure)
        @first = first
        @measures = SpokenMeasures.of(measure)
      end

      # @param way [Blocks::Way]
      # @return [String]
      def of(way)
        return "#{many(way.seams, 'seam')}. A unit here has no method with your tools." unless way.known?

        takes = [many(way.seams, "seam"), "#{(way.net * @measures.square).round} #{@measures.area} of fabric", "#{way.minutes.round} min",
                 "#{(100 * way.good).round} in 100 blocks with every unit good"].join(" · ")
        "#{takes}. #{difference(way)}".strip
      end

      private

      def difference(way)
        return "" if way.equal?(@first)

        parts = [others(way), seams(way.seams - @first.seams)].compact
        parts.empty? ? "" : "#{parts.join('; ')}."
      end

      # Units that are in one of the two only.
      def others(way)
        more = beside(way.kinds, @first.kinds)
        less = beside(@first.kinds, way.kinds)
        return unless [more, less].all? { |units| units.size.between?(1, MOST) }

        "#{listed(more)} in place of #{listed(less)}"
      end

      # Of these units so many as the others have fewer.
      def beside(these, others)
        these.to_h { |unit, count| [unit, count - others.fetch(unit, 0)] }.select { |_, count| count.positive? }
      end

      def listed(units)
        Saying.list(units.map { |unit, count| Saying.many(count, unit.class.title, unit.class.plural) })
      end

      def seams(more)
        return if more.zero?

        "#{many(more.abs, 'seam')} #{more.positive? ? 'more' : 'fewer'}"
      end

      def many(count, word)
        "#{count} #{word}#{'s' unless count == 1}"
      end
    end
  end
end
