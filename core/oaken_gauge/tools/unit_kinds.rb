# frozen_string_literal: true

module OakenGauge
  module Tools
    # The kinds of unit that trimmers are made for.
    module UnitKinds
      TRIMMED = %w[half_square hourglass three_triangle flying_geese square_in_square square].freeze
    end
  end
end
