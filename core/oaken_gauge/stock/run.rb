# frozen_string_literal: true

module OakenGauge
  module Stock
    # Shapes tiled along strips of one fabric, for the whole demand.
    #
    # - role: Symbol, which fabric
    # - width: Rational inches, the strip as cut; exact_width before rounding
    # - count: shapes needed
    # - outline: Polygon, the shape as cut from the strip
    # - then_do: Symbol, what becomes of the strip
    Run = Struct.new(:role, :exact_width, :width, :count, :outline, :then_do, keyword_init: true)
  end
end
