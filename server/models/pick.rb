# frozen_string_literal: true

module Server
  module Models
    # The method picked for a unit, with the unit as it was then and what the core answered.
    class Pick < ActiveRecord::Base
      belongs_to :unit

      # @return [Hash]
      def to_document
        { "method" => method_id, "unit" => spec, "answer" => answer, "picked_at" => updated_at.iso8601 }
      end
    end
  end
end
