# frozen_string_literal: true

module OakenGauge
  module Units
    # One patch in its place in a unit: which fabric role, which shape, and where it lies, corners
    # counter-clockwise.
    Patch = Struct.new(:role, :shape, :outline, keyword_init: true)
  end
end
