# frozen_string_literal: true

module Server
  module Models
    # A fabric on the shelf: how it looks on screen, and the document that says in which form it is.
    class Fabric < ActiveRecord::Base
      extend Limited

      belongs_to :maker
      holds_at_most 2_000, owner: :maker, called: "fabrics"
      has_many :unit_fabrics, dependent: :restrict_with_exception
      has_many :units, through: :unit_fabrics

      # @return [Hash]
      def to_document
        { "id" => id, "name" => name, "colour" => colour, "weave" => weave, "fabric" => document, "lock_version" => lock_version }
      end

      # @return [Hash] the same with how it lies on the shelf; nil where the core does not read it any more
      def on_shelf
        { **to_document, "shelf" => OakenGauge.fabric_on_shelf(document) }
      rescue OakenGauge::Documents::Invalid
        { **to_document, "shelf" => nil }
      end
    end
  end
end
