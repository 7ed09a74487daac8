# frozen_string_literal: true

module OakenGauge
  module Documents
    # A unit whose size is told as a share of its block's side.
    class SharedUnit
      SIDED = %w[rectangle flying_geese].freeze

      # @param kind [String]
      # @param shares [Rational, Array<Rational>]
      # @param extra [Hash] what else its kind asks for, as shares
      def initialize(kind, shares, extra)
        @kind = kind
        @shares = shares
        @extra = extra
      end

      # Notes a fault when the shares do not suit the kind.
      # @return [SharedUnit]
      def checked(node)
        two = @shares.is_a?(Array)
        node.fault("share", "is #{node['share'].inspect}: allowed is #{SIDED.include?(@kind) ? '[height, width]' : 'one share'}") if
          two != SIDED.include?(@kind)
        node.fault("share", "is #{node['share']}: allowed is a width twice the height") if
          two && @kind == "flying_geese" && @shares.last != 2 * @shares.first
        check_corner(node)
        self
      end

      # @param block [Rational] finished side, inches
      # @return [Units::Unit] one of it
      def call(block)
        unit = Units.kinds.fetch(@kind)
        sized = @shares.is_a?(Array) ? @shares.map { |share| share * block } : @shares * block
        return unit.new(finished: sized, hands: { left: 1, right: 1 }) if @kind == "three_triangle"
        return unit.new(finished: sized, count: 1, corner: @extra[:corner] * block, corners: @extra[:corners]) if @kind == "cut_corner"

        unit.new(finished: sized, count: 1)
      end

      private

      def check_corner(node)
        return if @kind != "cut_corner" || call(1r).fits?

        node.fault("corner", "is #{node['corner'].inspect}: allowed is less than the share, and at most half of it for two corners or more")
      end
    end
  end
end
