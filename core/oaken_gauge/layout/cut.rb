# frozen_string_literal: true

module OakenGauge
  module Layout
    # What every kind of cut answers; a kind says otherwise where it is so.
    #
    # @abstract A kind has role, count and then_do, and gives {#planned}, {#entry}, its least width
    #   and the forms in which it lies, on sheets and on strips.
    module Cut
      # @return [Array(Rational, Rational), nil] the height and width to which pieces are subcut from strips
      def subcut
        nil
      end

      # @return [Tools::Die, nil] the die that a press sends it through; then its fabric is cut in blanks
      def die
        nil
      end

      # @return [Boolean] whether its shapes are cut one after another along a strip
      def tiled?
        false
      end

      # @return [Boolean] whether it may not be turned, whatever its fabric
      def upright?
        false
      end

      # @return [Integer] layers that lie on one another as it is cut
      def layers
        1
      end

      # @return [Object] alike for cuts that lie and are drawn alike, however many there are
      def likeness
        object_id
      end

      # @param allocation [Allocation] what was taken for it
      # @return [Allocation] as it is counted
      def counted(allocation)
        allocation
      end

      # @param _row [Row]
      # @return [Boolean] whether it lies there with its length across the grain, where it should not
      def off_grain?(_row)
        false
      end
    end
  end
end
