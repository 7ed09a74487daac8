# frozen_string_literal: true

module Server
  module Models
    # Which fabric plays which role in a unit.
    class UnitFabric < ActiveRecord::Base
      belongs_to :unit
      belongs_to :fabric
    end
  end
end
