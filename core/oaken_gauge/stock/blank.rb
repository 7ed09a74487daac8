# frozen_string_literal: true

module OakenGauge
  module Stock
    # Blanks for a die, of one fabric, for the whole demand.
    #
    # - role: Symbol, which fabric
    # - size: [width, length], Rational inches; the length lies along the feed
    # - count: layers
    # - then_do: Symbol, what becomes of each
    # - die: {Tools::Die}
    # - drawing: Proc to the [Polygon]s of the shapes that the die cuts from one
    Blank = Struct.new(:role, :size, :count, :then_do, :die, :drawing, keyword_init: true)
  end
end
