# frozen_string_literal: true

module OakenGauge
  module Construction
    # One thing that can go wrong once in one unit, independent of all others.
    #
    # - step: Symbol, the operation that it belongs to
    # - kind: Symbol, the value of the maker's profile that says how large it is
    # - mean: inches that it is off always
    # - sd: its standard deviation, inches
    # - chance, by: for a line read wrong: how likely, and how far off then, either way, inches
    Source = Struct.new(:step, :kind, :mean, :sd, :chance, :by) do
      # @return [Float] square inches, slips and all
      def variance
        (sd * sd) + (chance * by * by)
      end

      # @return [Boolean]
      def slip?
        chance.positive?
      end
    end
  end
end
