# frozen_string_literal: true

module OakenGauge
  module Tools
    # The tools a maker owns.
    class Drawer
      include Enumerable

      # What is at hand where nobody says: one straight ruler.
      # @return [Drawer]
      def self.starter
        @starter ||= new([StraightRuler.new(id: "straight", name: "Straight ruler", width: 13/2r, length: 24r)])
      end

      # @param tools [Array<Tool>]
      def initialize(tools)
        @tools = tools
        @by_kind = {}
      end

      # @yield [Tool]
      def each(&)
        @tools.each(&)
      end

      # @param kind [Class] a kind of tool
      # @return [Array<Tool>] in drawer order
      def of(kind)
        @by_kind[kind] ||= grep(kind)
      end
    end
  end
end
