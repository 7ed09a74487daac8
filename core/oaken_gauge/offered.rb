# frozen_string_literal: true

module OakenGauge
  # Kinds of things are offered to a person in the order of how common they are.
  #
  # @example
  #   class HalfSquare < Unit
  #     common 1
  #   end
  module Offered
    # Where a kind is offered that does not say how common it is.
    LAST = 1000

    # @overload common(place)
    #   Declares its place: what is made or owned most comes first.
    # @return [Integer]
    def common(place = nil)
      @common = place if place
      @common || LAST
    end
  end
end
