# frozen_string_literal: true

module OakenGauge
  module Methods
    # Patches or units that came out and are not needed: they are kept, and offered again.
    #
    # - role: Symbol, which fabric
    # - shape: {Patches::Shape} of a patch
    # - unit: {Units::Unit}, instead of a shape, for whole units of another kind or size
    # - count: Integer
    Spare = Struct.new(:role, :shape, :unit, :count, keyword_init: true)
  end
end
