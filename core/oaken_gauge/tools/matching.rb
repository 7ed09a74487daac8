# frozen_string_literal: true

module OakenGauge
  module Tools
    # A needed finished size against the marks on some tools: the mark that means that size, or else
    # the nearest below and above.
    class Matching
      # @return [Symbol] kind of patch needed
      attr_reader :makes
      # @return [Rational] finished size needed, inches
      attr_reader :finished

      # @param tools [Array<Tool>]
      # @param shape [Patches::Shape] the patch needed
      # @param seam [Rational] the seam allowance it will be sewn with
      def initialize(tools, shape, seam)
        @tools = tools
        @makes = shape.kind
        @finished = shape.finished
        @seam = seam
      end

      # The mark that is easiest to find, of those that mean the size.
      # @return [Mark, nil]
      def exact
        exacts.min_by { |mark| mark.main ? 0 : 1 }
      end

      # @return [Array<Mark>] every mark that means the size
      def exacts
        usable.select { |mark| mark.finished == finished }
      end

      # @return [Mark, nil] the nearest smaller
      def below
        usable.select { |mark| mark.finished < finished }.max_by(&:finished)
      end

      # @return [Mark, nil] the nearest larger
      def above
        usable.select { |mark| mark.finished > finished }.min_by(&:finished)
      end

      # @return [Array<Mark>] the exact one, or the nearest on either side
      def nearest
        exact ? [exact] : [below, above].compact
      end

      # @return [Array<Tool>] those that would make the patch, were they made for this seam allowance
      def made_for_other_seam
        @tools.select { |tool| tool.made_for_seam != @seam && tool.marks.any? { |mark| mark.makes == makes } }
      end

      private

      def usable
        @usable ||= @tools.select { |tool| tool.made_for_seam == @seam }.flat_map(&:marks)
                          .select { |mark| mark.makes == makes }
      end
    end
  end
end
