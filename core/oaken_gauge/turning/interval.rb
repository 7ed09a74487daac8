# frozen_string_literal: true

module OakenGauge
  module Turning
    # As long as one method is first. - from, to: where it begins and ends; - first, second: {Weighing::Outcome}, the second as it is in
    # its middle, nil where there is no other
    Interval = Struct.new(:from, :to, :first, :second, keyword_init: true) do
      # @param value [Numeric]
      # @return [Boolean]
      def hold?(value)
        value.between?(from, to)
      end

      # @return [String]
      def method
        first.way.class.id
      end

      # Those that stand side by side with the same first are one.
      # @param intervals [Array<Interval>] in their order
      # @return [Array<Interval>]
      def self.joined(intervals)
        intervals.chunk_while { |one, following| one.method == following.method }.map do |same|
          new(from: same.first.from, to: same.last.to, first: same.first.first, second: same[same.size / 2].second)
        end
      end
    end
  end
end
