# frozen_string_literal: true

module OakenGauge
  module Construction
    # Moves that may be numbers, or whole rows of numbers worked out at once.
    module Lines
      class << self
        # How far a move goes in a direction. Most directions lie along an axis: nothing is worked out for
        # the other.
        #
        # @param move [Array(Numeric, Numeric)] inches
        # @param direction [Complex]
        # @return [Numeric] inches
        def along(move, direction)
          x = direction.real
          y = direction.imag
          return move[0] * x if y.zero?
          return move[1] * y if x.zero?

          (move[0] * x) + (move[1] * y)
        end
      end
    end
  end
end
