# frozen_string_literal: true

module Server
  module Models
    # A tool in the drawer, kept as the document that describes it.
    class Tool < ActiveRecord::Base
      extend Limited

      belongs_to :maker
      holds_at_most 500, owner: :maker, called: "tools"

      before_validation { self.key = document["id"] if document.is_a?(Hash) }

      # What the core has against it: a tool that was stored before a limit was known is put aside with this.
      # @return [String, nil]
      def fault
        OakenGauge.read_tool(document)
        nil
      rescue OakenGauge::Documents::Invalid => e
        e.faults.map { |fault| "#{fault.pointer.delete_prefix('/').tr('/', ' ')} #{fault.message}".strip }.join("; ")
      end

      # @return [Hash]
      def to_document
        { "id" => id, "lock_version" => lock_version, "tool" => document, "retired" => retired, **look }
      end

      private

      def look
        OakenGauge.tool_picture(document).slice("picture", "face")
      rescue OakenGauge::Documents::Invalid
        { "picture" => nil, "face" => [] }
      end
    end
  end
end
