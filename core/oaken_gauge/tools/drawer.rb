# frozen_string_literal: true

module OakenGauge
  module Tools
    # The tools a maker owns.
    class Drawer
      include Enumerable

      # @param tools [Array<Tool>]
      def initialize(tools)
        @tools = tools
        @by_kind = tools.group_by(&:class)
      end

      RULER = { id: "straight", name: "Straight ruler" }.freeze
      # One straight ruler: 6 1/2 × 24 inches, or 16 × 60 cm.
      STARTERS = { inch: new([StraightRuler.new(**RULER, width: 13/2r, length: 24r)]),
                   cm: new([StraightRuler.new(**RULER, width: 800/127r, length: 3000/127r, written_in: :cm)]) }.freeze
      private_constant :RULER, :STARTERS

      # What is at hand where nobody says.
      # @param measure [Symbol] what is worked in
      # @return [Drawer]
      def self.starter(measure = :inch)
        STARTERS.fetch(measure == :inch ? :inch : :cm)
      end

      # @yield [Tool]
      def each(&)
        @tools.each(&)
      end

      # @param kind [Class] a kind of tool
      # @return [Array<Tool>] in drawer order
      def of(kind)
        @by_kind.fetch(kind, [])
      end

      # Of the straight rulers that reach, the one on which most sizes are easily found, and of those fall on a main line.
      #
      # @param longest [Numeric] inches of the longest cut
      # @param size [Array<Rational>] that are cut with it
      # @return [StraightRuler, nil]
      def straight_ruler(longest, size)
        of(StraightRuler).select { |ruler| ruler.reach >= longest }.max_by { |ruler| found_on(ruler, size) }
      end

      private

      def found_on(ruler, size)
        main = size.count { |side| ruler.main_line?(side) }
        [main == size.size ? main : size.count { |side| ruler.easy_line?(side) }, main]
      end
    end
  end
end
