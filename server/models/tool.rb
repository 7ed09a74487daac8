# frozen_string_literal: true

module Server
  module Models
    # A tool in the drawer, kept as the document that describes it.
    class Tool < ActiveRecord::Base
      belongs_to :maker

      before_validation { self.key = document["id"] if document.is_a?(Hash) }

      # @return [Hash]
      def to_document
        { "id" => id, "lock_version" => lock_version, "tool" => document }
      end
    end
  end
end
