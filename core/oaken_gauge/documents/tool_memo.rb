# frozen_string_literal: true

module OakenGauge
  module Documents
    # Remembers the tools that were read, by their documents: as the fence is dragged, the same drawer
    # comes in with every question. Reading a tool depends on nothing but its document, so remembering
    # it changes no answer. The oldest are forgotten.
    class ToolMemo
      # More than a few drawers of tools.
      MOST = 2000

      def initialize
        @tools = {}
        @lock = Mutex.new
      end

      # @param document [Hash]
      # @yield reads it, when it is not remembered
      # @return [Tools::Tool, nil] what could not be read is not remembered
      def fetch(document)
        @lock.synchronize { @tools[document] } || remember(document, yield)
      end

      private

      def remember(document, tool)
        @lock.synchronize do
          @tools.shift while @tools.size >= MOST
          @tools[document] = tool if tool
        end
        tool
      end
    end
  end
end
