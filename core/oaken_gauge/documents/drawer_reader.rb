# frozen_string_literal: true

module OakenGauge
  module Documents
    # Reads a list of tools, each by its kind, no two with one id.
    class DrawerReader
      # More than any drawer holds.
      MOST = 500
      # More than a few drawers of tools. Reading one depends on nothing but its document.
      MEMO = Memo.new(2000)
      private_constant :MEMO

      # @param node [Node] an object with a list under "tools"
      def initialize(node)
        @node = node
      end

      # @return [Tools::Drawer]
      def drawer
        tools = @node.list("tools", 0..MOST)
        check_ids(tools)
        Tools::Drawer.new(tools.filter_map { |tool| self.class.read_tool(tool) })
      end

      # @param node [Node]
      # @return [Tools::Tool, nil]
      def self.read_tool(node)
        return node.fault(nil, "is not an object: allowed is a tool with id, name and kind") unless node.value.is_a?(Hash)
        return node.fault("kind", "is missing") if node["kind"].nil?

        kind = node.choice("kind", Tools.kinds.keys)
        MEMO.fetch(node.value) { read_kind(node, kind) } if kind == node["kind"]
      end

      # @return [Tools::Tool, nil] nil when it has faults
      def self.read_kind(node, kind)
        before = node.faults.size
        tool = Tools.kinds.fetch(kind).read(node)
        tool if node.faults.size == before
      end
      private_class_method :read_kind

      private

      def check_ids(tools)
        tools.group_by { |tool| tool["id"] }.each do |id, same|
          next if id.nil? || same.one?

          same.drop(1).each { |tool| tool.fault("id", "#{id.inspect} is the id of another tool in the list: allowed is one tool an id") }
        end
      end
    end
  end
end
