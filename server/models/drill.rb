# frozen_string_literal: true

module Server
  module Models
    # How one drill went: so many questions asked, so many answered right.
    class Drill < ActiveRecord::Base
      belongs_to :maker

      # @return [Hash]
      def to_document
        { "drill" => kind, "asked" => asked, "right" => right, "at" => created_at.utc.iso8601 }
      end
    end
  end
end
