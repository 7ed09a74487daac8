# frozen_string_literal: true

module OakenGauge
  module Choosing
    # What a choice may not go beyond.
    class Limits
      include Documents::Record

      integer :tools_at_most, within: 1..Kinds::MOST_TOOLS, default: nil
      list :only_tools, Documents::Scalars::Text.new, within: 1..Kinds::MOST_TOOLS, default: nil
      integer :techniques_at_most, within: 1..100, default: nil
      number :good_at_least, within: 0..1, default: nil
      number :minutes_at_most, within: 0..1_000_000, default: nil

      # @param option [Option]
      # @return [Boolean] whether a unit may be made so, whatever becomes of the others
      def allow?(option)
        good?(option) && tools?(option)
      end

      # @param totals [Totals]
      # @return [Boolean] whether all together may
      def hold?(totals)
        within?(totals.tools.size, tools_at_most) && within?(totals.techniques.size, techniques_at_most) &&
          within?(totals.minutes, minutes_at_most)
      end

      # @param names [Array<Symbol>]
      # @return [Limits] without these
      def without(*names)
        with(**names.to_h { |name| [name, nil] })
      end

      private

      def within?(figure, most)
        most.nil? || figure <= most + Plane::SAME
      end

      def good?(option)
        good_at_least.nil? || option.good >= good_at_least - Plane::SAME
      end

      def tools?(option)
        only_tools.nil? || (option.tools.all? { |id| only_tools.include?(id) } &&
          (option.straight_rulers.nil? || option.straight_rulers.any? { |id| only_tools.include?(id) }))
      end
    end
  end
end
