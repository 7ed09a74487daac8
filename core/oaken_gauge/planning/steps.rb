# frozen_string_literal: true

module OakenGauge
  module Planning
    # Lengths counted in whole steps: the finest that they all are whole in; where that would be too many, coarser ones, in which
    # every length is counted a little long, so that what fits in steps fits.
    class Steps
      # @return [Rational] inches of one
      attr_reader :step

      # @param lengths [Array<Rational>] inches
      # @param room [Rational] inches, what they have to fit in
      # @param most [Integer] steps that the room may have
      def initialize(lengths, room, most)
        finest = Rational(lengths.reduce(0) { |common, length| common.gcd((length * parts(lengths)).to_i) }, parts(lengths))
        @exact = room / finest <= most
        @step = @exact ? finest : room / most
        @room = room
      end

      # @return [Boolean] whether every length is counted as it is
      def exact?
        @exact
      end

      # @return [Integer] the last one in the room
      def last
        (@room / @step).floor
      end

      # @return [Integer]
      def of(length)
        (length / @step).ceil
      end

      private

      def parts(lengths)
        @parts ||= lengths.map(&:denominator).reduce(1, :lcm)
      end
    end
  end
end
