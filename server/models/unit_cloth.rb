# frozen_string_literal: true

module Server
  module Models
    # Which cloth plays which role in a unit.
    class UnitCloth < ActiveRecord::Base
      belongs_to :unit
      belongs_to :cloth
    end
  end
end
