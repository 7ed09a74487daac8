# frozen_string_literal: true

module OakenGauge
  module Quilts
    # How often each of several blocks is made, so that together they are as many as a setting holds. Of two on point the second
    # lies between the first. Otherwise each keeps its share of all, as near as whole blocks come to it, and one at least.
    #
    # @example Half of them and a quarter each, of ten
    #   Shares.new(layout, [6, 3, 3]).counts   # => [5, 3, 2]
    class Shares
      # @param setting [Blocks::Setting]
      # @param before [Array<Integer>] how often each was made
      def initialize(setting, before)
        @setting = setting
        @blocks = Layout.of(setting, [1r, 1r]).blocks
        @before = before
      end

      # @return [Array<Integer>, nil] nil where there are more blocks than places
      def counts
        return if @before.size > @blocks

        between? ? [@setting.across * @setting.down, (@setting.across - 1) * (@setting.down - 1)] : shared
      end

      private

      def between?
        @setting.layout == :on_point && @before.size == 2 && [@setting.across, @setting.down].min > 1
      end

      # One each, and of the rest by share: whole parts first, then to those of which most is left.
      def shared
        parts = parts_of(@blocks - @before.size)
        left = @blocks - @before.size - parts.sum(&:floor)
        most = parts.each_index.sort_by { |place| [parts[place].floor - parts[place], place] }.first(left)
        parts.each_with_index.map { |part, place| 1 + part.floor + most.count(place) }
      end

      # What each would have beyond its one, were they of exactly the shares they had.
      def parts_of(rest)
        beyond = @before.map { |count| [Rational(count * @blocks, @before.sum) - 1, 0r].max }
        beyond.map { |share| rest.zero? ? 0r : share * rest / beyond.sum }
      end
    end
  end
end
