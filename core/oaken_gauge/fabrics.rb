# frozen_string_literal: true

module OakenGauge
  # The forms in which a maker has her fabric, one a file.
  module Fabrics
    # @return [Hash{String => Class}] every form that can be read, by its name in documents
    def self.forms
      @forms ||= Registry.by_kind(Fabric)
    end
  end
end
