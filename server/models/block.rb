# frozen_string_literal: true

module Server
  module Models
    # A block: what it looks like, cell by cell, and the units it is to be made of, once a way was chosen. Its fabrics are
    # those of the shelf, by their ids.
    class Block < ActiveRecord::Base
      extend Limited

      belongs_to :maker
      holds_at_most 500, owner: :maker, called: "blocks"

      # @return [Hash]
      def to_document
        { "id" => id, "name" => name, "picture" => picture, "pieces" => pieces, "lines" => lines,
          "lock_version" => lock_version }
      end
    end
  end
end
