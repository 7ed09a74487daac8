# frozen_string_literal: true

module OakenGauge
  module Construction
    # Hands out the errors of one construction, one after another. Asked without values it only notes
    # what was asked for, and nothing is off; with values it gives the first for the first that is
    # asked, and so on. A value may be a number, or a row of numbers, so that many units are made at once.
    class Draws
      # @return [Array<Source>] in the order in which they were asked for
      attr_reader :sources

      # @param profile [Makers::Profile]
      # @param values [Array<Numeric>, nil] inches
      def initialize(profile, values = nil)
        @profile = profile
        @known = profile.values
        @values = values
        @sources = []
      end

      # @param step [Symbol] an operation
      # @param kind [Symbol] a value of the profile: a standard deviation
      # @return [Numeric] inches
      def spread(step, kind)
        note(step, kind, sd: @known.fetch(kind).to_f, mean: @profile.bias(kind))
      end

      # @param kind [Symbol] a value of the profile that everything is off by
      # @param sign [Integer] -1 for what is given back
      # @return [Numeric] inches
      def always(step, kind, sign = 1)
        note(step, kind, mean: sign * @known.fetch(kind).to_f)
      end

      # A line between the heavy ones may be read as its neighbour.
      # @return [Numeric] inches
      def slip(step)
        note(step, :misread, chance: @known.fetch(:misread).to_f, by: @known.fetch(:misread_by).to_f)
      end

      private

      def note(step, kind, mean: 0.0, sd: 0.0, chance: 0.0, by: 0.0)
        @sources << Source.new(step, kind, mean, sd, chance, by)
        @values ? @values[@sources.size - 1] : 0.0
      end
    end
  end
end
